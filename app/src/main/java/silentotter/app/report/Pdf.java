package silentotter.app.report;

import silentotter.app.casefile.CaseFiles.Copy;

/** A document that can be saved, with the case file of its engine in it. */
record Pdf(String name, byte[] content) {
    /** It is sent by mail; what is larger goes without the photos, which it shows. */
    static final int MOST_ATTACHED = 10_000_000;

    /**
     * @param kind what its name ends with
     * @param xhtml with its pictures in it
     */
    static Pdf of(Copy copy, String kind, String xhtml) {
        return new Pdf(
                copy.name().replaceAll("\\.case\\.json$", "") + "-" + kind + ".pdf",
                ReportPdf.of(xhtml, copy.name(), copy.content()));
    }
}
