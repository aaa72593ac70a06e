package silentotter.app.report;

import java.util.ArrayList;
import java.util.List;
import silentotter.core.report.Leaflet;
import silentotter.core.report.Paper;

/** A leaflet as a page description, XHTML, set like the report. */
final class LeafletPage {
    private static final PageTemplate TEMPLATE = new PageTemplate("leaflet");

    private final Leaflet leaflet;
    private final Paper paper;
    private final List<ReportPage.Photo> photos;

    LeafletPage(Leaflet leaflet, Paper paper, List<ReportPage.Photo> photos) {
        this.leaflet = leaflet;
        this.paper = paper;
        this.photos = photos;
    }

    record CellView(String kind, String text) {}

    record RowView(String kind, List<CellView> cells) {}

    record PartView(String title, String aside, List<String> lines, List<RowView> rows) {}

    /** What the style sheet of the report asks for stands here as well, empty. */
    record View(
            Leaflet leaflet,
            PageTemplate.Sheet sheet,
            String foot,
            List<PartView> parts,
            List<ReportPage.Photo> photos,
            List<Object> bands,
            List<Object> weighed) {}

    ReportPage.Pages pages() {
        return TEMPLATE.pages(view());
    }

    String document() {
        return TEMPLATE.document(view(), leaflet.heading().foot(), leaflet.title());
    }

    private View view() {
        return new View(
                leaflet,
                PageTemplate.sheet(paper),
                PageTemplate.inCss(leaflet.heading().foot()),
                leaflet.parts().stream().map(LeafletPage::part).toList(),
                photos,
                List.of(),
                List.of());
    }

    private static PartView part(Leaflet.Part part) {
        List<RowView> rows = new ArrayList<>();
        for (int i = 0; i < part.rows().size(); i++) {
            List<String> cells = part.rows().get(i);
            List<CellView> views = new ArrayList<>();
            for (int c = 0; c < cells.size(); c++) {
                views.add(new CellView(c == 0 ? "first" : "other", cells.get(c)));
            }
            rows.add(new RowView(part.headed() && i == 0 ? "head" : "row", views));
        }
        return new PartView(part.title(), part.aside(), part.lines(), rows);
    }
}
