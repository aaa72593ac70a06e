package silentotter.app.casefile;

import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import silentotter.core.input.Problems;

/** How comma-separated values are read here: RFC 4180 with a header line, names in any case, a byte order mark allowed. */
final class CsvForm {
    private CsvForm() {}

    static CSVParser parse(String text) throws IOException {
        return CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .get()
                .parse(new StringReader(text.replaceFirst("^\uFEFF", "")));
    }

    /** @throws silentotter.core.input.InvalidInput when a column is missing */
    static void need(List<String> columns, CSVParser parser, Problems problems) {
        columns.stream()
                .filter(n -> parser.getHeaderNames().stream().noneMatch(n::equalsIgnoreCase))
                .forEach(n -> problems.add("line 1", "the column '" + n + "' is missing"));
        problems.throwIfAny();
    }

    /** A value, empty where its column or cell is missing. */
    static String get(CSVRecord line, String column) {
        return line.isMapped(column) && line.isSet(column) ? line.get(column) : "";
    }

    /** Where a line stands in its file. */
    static String at(CSVRecord line) {
        return "line " + (line.getRecordNumber() + 1);
    }
}
