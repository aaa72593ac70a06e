package silentotter.core.report;

import silentotter.core.wording.Labelled;

/** The paper that reports are printed on, upright: ISO 216 and the North American letter. */
public enum Paper implements Labelled {
    A4(210, 297),
    LETTER(215.9, 279.4);

    private final double widthMm;
    private final double heightMm;

    Paper(double widthMm, double heightMm) {
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    public double widthMm() {
        return widthMm;
    }

    public double heightMm() {
        return heightMm;
    }
}
