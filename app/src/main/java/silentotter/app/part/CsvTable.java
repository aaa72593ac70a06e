package silentotter.app.part;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.input.Written;

/**
 * Comma-separated values with a header line (RFC 4180), as they are written and read here. Read also with semicolons or
 * tabs between the values, and with decimal commas; what could be read in two ways is refused and never guessed.
 */
public final class CsvTable {
    static final int MOST_LINES = 50_000;
    /** A spreadsheet takes a cell that begins so for a formula. */
    private static final Pattern FORMULA = Pattern.compile("^[=+\\-@\\t\\r]");

    private CsvTable() {}

    /**
     * A column: what stands in it for each row, and whether a file that comes in must have it.
     *
     * @param cell nothing leaves it empty
     */
    public record Column<T>(String name, boolean needed, Function<T, @Nullable Object> cell) {
        public static <T> Column<T> needed(String name, Function<T, @Nullable Object> cell) {
            return new Column<>(name, true, cell);
        }

        public static <T> Column<T> of(String name, Function<T, @Nullable Object> cell) {
            return new Column<>(name, false, cell);
        }
    }

    /** Text cells that a spreadsheet would run are written with an apostrophe before them; numbers are left alone. */
    public static <T> String write(List<Column<T>> columns, Iterable<T> rows) {
        StringWriter out = new StringWriter();
        String[] header = columns.stream().map(Column::name).toArray(String[]::new);
        try (CSVPrinter printer = new CSVPrinter(
                out, CSVFormat.RFC4180.builder().setHeader(header).get())) {
            for (T row : rows) {
                printer.printRecord(
                        columns.stream().map(c -> harmless(c.cell().apply(row))).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static @Nullable Object harmless(@Nullable Object cell) {
        return cell instanceof String text && FORMULA.matcher(text).find() ? "'" + text : cell;
    }

    /** @throws InvalidInput when it is no such file, lacks a column, or holds nothing */
    public static <T> List<Line> read(byte[] content, List<Column<T>> columns) {
        String text = FileText.of(content);
        char separator = separator(text);
        List<Line> lines = new ArrayList<>();
        try (CSVParser parser = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .get()
                .parse(new StringReader(text))) {
            Problems missing = new Problems();
            columns.stream()
                    .filter(Column::needed)
                    .map(Column::name)
                    .filter(n -> parser.getHeaderNames().stream().noneMatch(n::equalsIgnoreCase))
                    .forEach(n -> missing.add("line 1", "the column '" + n + "' is missing"));
            missing.throwIfAny();
            for (CSVRecord line : parser) {
                if (lines.size() == MOST_LINES) {
                    throw InvalidInput.at("line " + (MOST_LINES + 2), "too many lines", "at most " + MOST_LINES);
                }
                lines.add(new Line(line, separator));
            }
        } catch (IllegalArgumentException e) {
            throw InvalidInput.at("line 1", "each column needs a name of its own");
        } catch (UncheckedIOException | IOException e) {
            throw InvalidInput.at("the file", "is not comma-separated values: a quotation mark stands alone");
        }
        if (lines.isEmpty()) {
            throw InvalidInput.at("the file", "holds nothing but its header");
        }
        return lines;
    }

    private static char separator(String text) {
        String header = text.lines().findFirst().orElse("");
        return List.of(',', ';', '\t').stream()
                .max((a, b) -> Long.compare(count(header, a), count(header, b)))
                .filter(c -> count(header, c) > 0)
                .orElse(',');
    }

    private static long count(String text, char sign) {
        return text.chars().filter(c -> c == sign).count();
    }

    /** One line of a file. */
    public static final class Line {
        private final CSVRecord record;
        private final char separator;

        private Line(CSVRecord record, char separator) {
            this.record = record;
            this.separator = separator;
        }

        /** Where it stands in the file. */
        public String at() {
            return "line " + (record.getRecordNumber() + 1);
        }

        /** A value, empty where its column or cell is missing. */
        public String get(String column) {
            String cell = record.isMapped(column) && record.isSet(column) ? record.get(column) : "";
            return cell.startsWith("'") && FORMULA.matcher(cell.substring(1)).find() ? cell.substring(1) : cell;
        }

        public Optional<String> text(String column) {
            return Optional.of(get(column)).filter(s -> !s.isEmpty());
        }

        /** A part of a cell that holds several values. */
        public Written part(String column, String text) {
            return new Written(at(), column, text, separator);
        }

        /** A number; empty when the cell is, or when it is none, which is collected. */
        public Optional<Double> number(String column, Problems problems) {
            return text(column).flatMap(text -> part(column, text).number(problems));
        }

        /** A whole number from 1; 0 where it is none, which is collected. */
        public int whole(String column, Problems problems) {
            return part(column, get(column)).whole(problems);
        }

        /** One of the choices; empty when the cell is, or when it is none, which is collected. */
        public <E extends Enum<E>> Optional<E> choice(Class<E> type, String column, Problems problems) {
            return text(column).flatMap(text -> part(column, text).choice(type, problems));
        }

        /** A moment; empty when the cell is, or when it is none, which is collected. */
        public Optional<String> moment(String column, Problems problems) {
            return text(column).flatMap(text -> problems.moment(at(), text)).map(Object::toString);
        }
    }
}
