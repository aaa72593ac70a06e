package silentotter.core.report;

import java.util.List;
import silentotter.core.report.Report.Heading;

/**
 * A sheet that is handed over beside the report: finished sentences and tables, in the units and with the labels of whoever
 * reads. What a person typed stands in it as it was typed.
 *
 * @param title what it says in one line
 * @param lead what follows from it
 */
public record Leaflet(Heading heading, String title, List<String> lead, List<Part> parts) {

    /**
     * A part with its heading.
     *
     * @param aside behind the heading, smaller; may be empty
     * @param rows of a table; the first is its head where {@code headed}
     */
    public record Part(String title, String aside, List<String> lines, boolean headed, List<List<String>> rows) {
        static Part lines(String title, List<String> lines) {
            return new Part(title, "", lines, false, List.of());
        }

        static Part table(String title, String aside, boolean headed, List<List<String>> rows) {
            return new Part(title, aside, List.of(), headed, rows);
        }

        boolean isEmpty() {
            return lines.isEmpty() && rows.isEmpty();
        }
    }
}
