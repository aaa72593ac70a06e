package silentotter.app.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import silentotter.app.report.Drawing.Pen;
import silentotter.core.diagnosis.Sureness;
import silentotter.core.finding.PathKind;
import silentotter.core.report.Paper;
import silentotter.core.report.Report;
import silentotter.core.report.Report.Band;
import silentotter.core.report.Report.Cell;
import silentotter.core.report.Report.Column;
import silentotter.core.report.Report.Row;
import silentotter.core.report.Report.Weight;
import silentotter.core.wording.Labels;

/** The report as one page description, XHTML, that a browser prints and that becomes the PDF: there is no second layout. */
final class ReportPage {
    private static final PageTemplate TEMPLATE = new PageTemplate("pages");

    private static final double LABEL_MM = 24;
    private static final double UNIT_MM = 14;
    private static final double GAP_MM = 6;
    private static final double WIDEST_MM = 32;
    /** Narrower than this, words are set smaller. */
    private static final double TIGHT_MM = 20;

    private static final double PX_PER_MM = 96 / 25.4;
    private static final double DRAWN_MM = 60;
    /** Of several rows each gives way, and cylinders that lie need no more. */
    private static final double LOW_MM = 36;

    private static final double NOTCH_MM = 11;
    private static final double WIDEST_BAR_MM = 44;

    private final Report report;
    private final SectionDrawing section;
    private final Paper paper;
    private final List<Photo> photos;
    private final String attached;

    /** @param attached what the page says of the case file */
    ReportPage(Report report, SectionDrawing section, Paper paper, List<Photo> photos, String attached) {
        this.report = report;
        this.section = section;
        this.paper = paper;
        this.photos = photos;
        this.attached = attached;
    }

    /** @param address where its picture is fetched from */
    record Photo(String address, String caption) {}

    /**
     * A report as a browser takes it.
     *
     * @param paper its size, its margins and what stands in them, for {@code @page}
     * @param style of what stands in {@code .report}
     * @param pages XHTML
     */
    record Pages(String paper, String style, String pages) {}

    /** @param columns what each is for: a cylinder, or the gap before another bank */
    record BandView(
            boolean tight,
            String columnMm,
            List<String> columns,
            int across,
            String drawing,
            List<HeadView> heads,
            List<RowView> rows) {}

    record HeadView(String label, String bank, List<Report.CallOut> callOuts) {}

    record RowView(String name, String unit, List<CellView> cells) {}

    /** @param kind how it is set, as names of styles */
    record CellView(String text, String kind) {}

    record WeightView(String finding, String widthMm, boolean against, String times) {}

    record WeighedView(String of, List<WeightView> weights) {}

    record LegendView(String line, String words) {}

    record View(
            Report report,
            PageTemplate.Sheet sheet,
            String foot,
            List<BandView> bands,
            List<WeighedView> weighed,
            List<LegendView> legend,
            List<Photo> photos,
            String attached) {}

    Pages pages() {
        return TEMPLATE.pages(view());
    }

    /** The same as one document. */
    String document() {
        return TEMPLATE.document(view(), report.heading().foot(), "Report of an engine examination");
    }

    private View view() {
        return new View(
                report,
                PageTemplate.sheet(paper),
                PageTemplate.inCss(report.heading().foot()),
                report.bands().stream().map(this::band).toList(),
                report.technical().weighed().stream()
                        .map(w -> new WeighedView(
                                w.of(),
                                w.weights().stream().map(ReportPage::weight).toList()))
                        .toList(),
                legend(),
                photos,
                attached);
    }

    private BandView band(Band band) {
        List<Column> columns = band.columns();
        long gaps = columns.stream().skip(1).filter(Column::gap).count();
        double free = paper.widthMm() - 2 * PageTemplate.SIDE_MM - LABEL_MM - UNIT_MM - gaps * GAP_MM;
        double column = Math.min(WIDEST_MM, free / columns.size());
        List<String> kinds = new ArrayList<>();
        List<HeadView> heads = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            if (i > 0 && columns.get(i).gap()) {
                kinds.add("gap");
                heads.add(new HeadView("", "", List.of()));
            }
            kinds.add("column");
            heads.add(new HeadView(
                    columns.get(i).label(),
                    columns.get(i).bank(),
                    columns.get(i).callOuts()));
        }
        double height = report.bands().size() > 1 || section.isLying() ? LOW_MM : DRAWN_MM;
        String drawing =
                section.svg(band, column * PX_PER_MM, GAP_MM * PX_PER_MM, height * PX_PER_MM, "Section of the engine");
        return new BandView(
                column < TIGHT_MM,
                mm(column),
                kinds,
                kinds.size(),
                drawing,
                heads,
                band.rows().stream().map(r -> row(columns, r)).toList());
    }

    private static RowView row(List<Column> columns, Row row) {
        List<CellView> cells = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            if (i > 0 && columns.get(i).gap()) {
                cells.add(new CellView("", "gap"));
            }
            Cell cell = row.cells().get(i);
            cells.add(new CellView(
                    cell.doubted() ? cell.text() + " ?" : cell.text(),
                    (row.inWords() ? "word" : "figure") + (cell.loss() ? " loss" : "")));
        }
        return new RowView(row.name(), row.unit(), cells);
    }

    private static WeightView weight(Weight w) {
        double width = Math.min(WIDEST_BAR_MM, Math.abs(w.notches()) * NOTCH_MM);
        double times = Math.pow(10, Math.abs(w.notches()));
        String said = times >= 1000
                ? "more than × 1000"
                : String.format(Locale.ROOT, times < 10 ? "× %.1f" : "× %.0f", times);
        return new WeightView(w.finding(), mm(Math.max(.6, width)), w.notches() < 0, said);
    }

    /** Only what is drawn on this section. */
    private List<LegendView> legend() {
        List<LegendView> lines = new ArrayList<>();
        if (report.technical().drawn().stream().anyMatch(k -> !k.isOil())) {
            for (Sureness sureness : Sureness.values()) {
                lines.add(sample(Drawing.LEAK, EscapeDrawing.dash(sureness), Labels.of(sureness)));
            }
        }
        if (report.technical().drawn().stream().anyMatch(PathKind::isOil)) {
            lines.add(sample(Drawing.OIL, "", Labels.of(PathKind.OIL_PAST_RINGS) + " or stem, broken as the others"));
        }
        return lines;
    }

    private static LegendView sample(String colour, String dash, String words) {
        Drawing drawing = new Drawing();
        drawing.line(0, 5, 44, 5, new Pen(colour, 4, dash));
        return new LegendView(drawing.svg(44, 10, words), words);
    }

    private static String mm(double value) {
        return String.format(Locale.ROOT, "%.2fmm", value);
    }
}
