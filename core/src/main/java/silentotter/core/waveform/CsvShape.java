package silentotter.core.waveform;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * How a file of comma-separated values is laid out: guessed from its first lines, and confirmed by whoever knows.
 *
 * @param delimiter between two values of a line
 * @param decimalComma whether 1,5 is one and a half
 * @param headerLines before the first line of numbers
 * @param names of the columns, as the last of those lines has them; numbered where there is none
 * @param timeColumn counted from 0; null where no column holds the time
 * @param timeStep between its first lines, in its own unit; null without such a column
 * @param first lines of numbers as they stand, to be looked at
 */
public record CsvShape(
        String delimiter,
        boolean decimalComma,
        int headerLines,
        List<String> names,
        @Nullable Integer timeColumn,
        @Nullable Double timeStep,
        List<String> first) {
    private static final List<String> DELIMITERS = List.of(";", "\t", ",", "|", " ");
    private static final int LOOKED_AT = 6;
    private static final int MOST_HEADER = 60;
    /** A unit is no longer. */
    private static final int SHORT = 6;

    private static final double EVEN = .02;

    /** @param head the first lines of a file @return empty where no two lines of numbers follow each other */
    public static Optional<CsvShape> of(String head) {
        List<String> lines = head.lines().filter(l -> !l.isBlank()).toList();
        for (int at = 0; at < Math.min(MOST_HEADER, lines.size() - 1); at++) {
            for (String delimiter : DELIMITERS) {
                for (boolean comma : delimiter.equals(",") ? new boolean[] {false} : new boolean[] {false, true}) {
                    Optional<CsvShape> shape = at(lines, at, delimiter, comma);
                    if (shape.isPresent()) {
                        return shape;
                    }
                }
            }
        }
        // A single column of numbers has no delimiter.
        for (int at = 0; at < Math.min(MOST_HEADER, lines.size() - 1); at++) {
            Optional<CsvShape> shape = column(lines, at);
            if (shape.isPresent()) {
                return shape;
            }
        }
        return Optional.empty();
    }

    private static Optional<CsvShape> at(List<String> lines, int at, String delimiter, boolean comma) {
        List<Double> one = numbers(lines.get(at), delimiter, comma);
        List<Double> two = numbers(lines.get(at + 1), delimiter, comma);
        if (one.size() < 2 || one.size() != two.size() || one.contains(null) || two.contains(null)) {
            return Optional.empty();
        }
        return Optional.of(shape(lines, at, delimiter, comma, one.size()));
    }

    private static Optional<CsvShape> column(List<String> lines, int at) {
        boolean comma = number(lines.get(at), false) == null;
        if (number(lines.get(at), comma) == null || number(lines.get(at + 1), comma) == null) {
            return Optional.empty();
        }
        return Optional.of(shape(lines, at, "", comma, 1));
    }

    private static CsvShape shape(List<String> lines, int at, String delimiter, boolean comma, int columns) {
        List<String> heads = at > 0 ? split(lines.get(at - 1), delimiter) : List.of();
        // Two lines of as many columns are names and, below them, units.
        List<String> above = at > 1 ? split(lines.get(at - 2), delimiter) : List.of();
        boolean units = !heads.isEmpty()
                && above.size() == heads.size()
                && heads.stream().allMatch(h -> h.strip().length() <= SHORT);
        List<String> names = new ArrayList<>();
        for (int c = 0; c < columns; c++) {
            String name = c < heads.size() ? heads.get(c).replace("\"", "").strip() : "";
            String called = units ? above.get(c).replace("\"", "").strip() + ", " + name : name;
            names.add(called.isEmpty() ? "column " + (c + 1) : called);
        }
        List<String> first = lines.subList(at, Math.min(lines.size(), at + LOOKED_AT));
        Integer time = null;
        Double step = null;
        for (int c = 0; c < columns && columns > 1 && time == null; c++) {
            Double even = evenStep(first, delimiter, comma, c);
            if (even != null) {
                time = c;
                step = even;
            }
        }
        return new CsvShape(delimiter, comma, at, names, time, step, first);
    }

    /** The step of a column that grows evenly, as a time does; null of any other. */
    private static @Nullable Double evenStep(List<String> lines, String delimiter, boolean comma, int column) {
        double step = Double.NaN;
        Double last = null;
        for (String line : lines) {
            List<Double> numbers = numbers(line, delimiter, comma);
            Double now = column < numbers.size() ? numbers.get(column) : null;
            if (now == null) {
                return null;
            }
            if (last != null) {
                double by = now - last;
                if (by <= 0 || !Double.isNaN(step) && Math.abs(by - step) > EVEN * step) {
                    return null;
                }
                step = Double.isNaN(step) ? by : step;
            }
            last = now;
        }
        return Double.isNaN(step) || lines.size() < 2 ? null : step;
    }

    /** A line of the file, cut. */
    public List<String> split(String line) {
        return split(line, delimiter);
    }

    /** A value as this file writes it. @return null where it is none */
    public @Nullable Double number(String field) {
        return number(field, decimalComma);
    }

    private static List<String> split(String line, String delimiter) {
        if (delimiter.isEmpty()) {
            return List.of(line);
        }
        return delimiter.equals(" ")
                ? List.of(line.strip().split("\\s+"))
                : List.of(line.split(Pattern.quote(delimiter), -1));
    }

    private static List<Double> numbers(String line, String delimiter, boolean comma) {
        List<Double> numbers = new ArrayList<>();
        for (String field : split(line, delimiter)) {
            numbers.add(number(field, comma));
        }
        // A delimiter at the end of each line is no column.
        if (!numbers.isEmpty()
                && numbers.get(numbers.size() - 1) == null
                && line.stripTrailing().endsWith(delimiter)) {
            numbers.remove(numbers.size() - 1);
        }
        return numbers;
    }

    /** @return null where it is none */
    private static @Nullable Double number(String field, boolean comma) {
        String text = field.replace("\"", "").strip();
        if (text.isEmpty() || comma && text.indexOf('.') >= 0 || !comma && text.indexOf(',') >= 0) {
            return null;
        }
        try {
            double value = Double.parseDouble(comma ? text.replace(',', '.') : text);
            return Double.isFinite(value) && !text.endsWith("d") && !text.endsWith("f") ? value : null;
        } catch (NumberFormatException e) {
            return null;
        }
    }
}
