package silentotter.app.casefile;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import silentotter.app.leakdown.Leakdown.StoredLeakdown;
import silentotter.app.leakdown.LeakdownDocument;
import silentotter.core.input.Problems;
import silentotter.core.leakdown.DoneBefore;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownKind;
import silentotter.core.leakdown.Place;
import silentotter.core.leakdown.RunState;

/**
 * Leak-down readings as comma-separated values, one line an attempt. What was heard stands in one column, such as
 * {@code CRANKCASE=LOUD INTAKE=NOTHING 4=FAINT}, where a number is a neighbour.
 */
final class LeakdownCsv {
    /** A line of a file. */
    record Line(String at, int cylinder, String tester, LeakdownDocument reading, Optional<String> setAside) {}

    private static final String[] HEADER = {
        "cylinder",
        "kind",
        "tester",
        "percent",
        "cylinder_kpa",
        "supply_kpa",
        "state",
        "done_before",
        "heard",
        "set_aside",
        "taken_at"
    };
    private static final List<String> NEEDED = List.of("cylinder", "tester");

    private LeakdownCsv() {}

    /** @param testers names by id */
    static String write(List<StoredLeakdown> readings, Map<Long, String> testers) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(
                out, CSVFormat.RFC4180.builder().setHeader(HEADER).get())) {
            for (StoredLeakdown r : readings) {
                LeakdownDocument d = r.reading();
                printer.printRecord(
                        r.cylinder(),
                        d.kind(),
                        testers.get(r.testerId()),
                        d.leakPercent(),
                        d.cylinderKPa(),
                        d.supplyKPa(),
                        d.state(),
                        d.doneBefore(),
                        heard(d),
                        r.setAside(),
                        r.takenAt());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static String heard(LeakdownDocument d) {
        return Stream.concat(
                        new TreeMap<>(Objects.requireNonNullElse(d.heard(), Map.<Place, Heard>of()))
                                .entrySet().stream().map(e -> e.getKey() + "=" + e.getValue()),
                        new TreeMap<>(Objects.requireNonNullElse(d.neighbours(), Map.<Integer, Heard>of()))
                                .entrySet().stream().map(e -> e.getKey() + "=" + e.getValue()))
                .collect(Collectors.joining(" "));
    }

    /** @throws silentotter.core.input.InvalidInput with everything that is wrong with its form, by line */
    static List<Line> read(String text) {
        Problems problems = new Problems();
        List<Line> lines = new ArrayList<>();
        try (var parser = CsvForm.parse(text)) {
            CsvForm.need(NEEDED, parser, problems);
            for (CSVRecord record : parser) {
                line(record, problems).ifPresent(lines::add);
            }
        } catch (UncheckedIOException | IOException e) {
            problems.add("the file", e.getMessage());
        }
        if (problems.isEmpty() && lines.isEmpty()) {
            problems.add("the file", "holds no readings");
        }
        problems.throwIfAny();
        return lines;
    }

    private static Optional<Line> line(CSVRecord r, Problems problems) {
        String at = CsvForm.at(r);
        return problems.attempt(at, () -> {
            Map<Place, Heard> places = new TreeMap<>();
            Map<Integer, Heard> neighbours = new TreeMap<>();
            for (String each : CsvForm.get(r, "heard").split("\\s+")) {
                if (!each.isEmpty()) {
                    String[] parts = each.split("=", 2);
                    Heard heard = choice(Heard.class, parts.length == 2 ? parts[1] : "");
                    if (parts[0].matches("\\d+")) {
                        neighbours.put(Integer.parseInt(parts[0]), heard);
                    } else {
                        places.put(choice(Place.class, parts[0]), heard);
                    }
                }
            }
            LeakdownDocument reading = new LeakdownDocument(
                    CsvForm.get(r, "kind").isEmpty()
                            ? LeakdownKind.STANDARD
                            : choice(LeakdownKind.class, CsvForm.get(r, "kind")),
                    number(r, "percent"),
                    number(r, "cylinder_kpa"),
                    number(r, "supply_kpa"),
                    CsvForm.get(r, "state").isEmpty() ? null : choice(RunState.class, CsvForm.get(r, "state")),
                    CsvForm.get(r, "done_before").isEmpty()
                            ? null
                            : choice(DoneBefore.class, CsvForm.get(r, "done_before")),
                    places,
                    null,
                    neighbours,
                    null,
                    null);
            return new Line(
                    at,
                    (int) Math.round(Objects.requireNonNullElse(number(r, "cylinder"), 0.0)),
                    CsvForm.get(r, "tester"),
                    reading,
                    Optional.of(CsvForm.get(r, "set_aside")).filter(s -> !s.isEmpty()));
        });
    }

    private static <E extends Enum<E>> E choice(Class<E> type, String text) {
        try {
            return Enum.valueOf(type, text.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("'" + text + "' is none of "
                    + Stream.of(type.getEnumConstants()).map(Enum::name).collect(Collectors.joining(", ")));
        }
    }

    private static Double number(CSVRecord r, String column) {
        String text = CsvForm.get(r, column);
        try {
            return text.isEmpty() ? null : Double.valueOf(text.replace(',', '.'));
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(column + " must be a number, but was '" + text + "'");
        }
    }
}
