package silentotter.app.leakdown;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import silentotter.app.change.Step;
import silentotter.app.part.CsvTable;
import silentotter.app.part.CsvTable.Column;
import silentotter.app.part.Filed.Placed;
import silentotter.core.input.Problems;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownDocument;
import silentotter.core.leakdown.LeakdownReading.DoneBefore;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;
import silentotter.core.leakdown.LeakdownReading.ListenedWith;
import silentotter.core.leakdown.LeakdownReading.RunState;
import silentotter.core.leakdown.Place;

/**
 * Leak-down readings as comma-separated values, one line an attempt. What was heard stands in one column, such as
 * {@code CRANKCASE=LOUD INTAKE=NOTHING 4=FAINT}, where a number is a neighbour; neighbours that were plugged off and
 * readings watched before stand with blanks between.
 */
final class LeakdownCsv {
    /** A line of a file: a reading, and the tester that it names. */
    record Entry(String tester, StoredLeakdown reading) {}

    private static final List<Column<StoredLeakdown>> COLUMNS = List.of(
            Column.needed("cylinder", StoredLeakdown::cylinder),
            Column.of("kind", r -> r.reading().kind()),
            Column.needed("tester", r -> r.tester().name()),
            Column.of("percent", r -> r.reading().leakPercent()),
            Column.of("cylinder_kpa", r -> r.reading().cylinderKPa()),
            Column.of("supply_kpa", r -> r.reading().supplyKPa()),
            Column.of("state", r -> r.reading().state()),
            Column.of("done_before", r -> r.reading().doneBefore()),
            Column.of("zeroed", r -> Boolean.TRUE.equals(r.reading().zeroed()) ? "yes" : null),
            Column.of("heard", r -> heard(r.reading())),
            Column.of("listened_with", r -> r.reading().listenedWith()),
            Column.of("plugged", r -> spaced(r.reading().excluded())),
            Column.of("settling", r -> spaced(r.reading().settling())),
            Column.of("settling_kpa", r -> spaced(r.reading().settlingKPa())),
            Column.of("set_aside", StoredLeakdown::setAside),
            Column.of("taken_at", StoredLeakdown::takenAt));

    private LeakdownCsv() {}

    static String write(List<StoredLeakdown> readings) {
        return CsvTable.write(COLUMNS, readings);
    }

    private static String heard(LeakdownDocument d) {
        return Stream.of(new TreeMap<>(d.places()), new TreeMap<>(d.atNeighbours()))
                .flatMap(m -> m.entrySet().stream())
                .map(e -> e.getKey() + "=" + e.getValue())
                .collect(Collectors.joining(" "));
    }

    private static String spaced(List<?> values) {
        return values == null ? null : values.stream().map(Object::toString).collect(Collectors.joining(" "));
    }

    /** @throws silentotter.core.input.InvalidInput with everything that is wrong with its form, by line */
    static List<Placed<Entry>> read(byte[] content) {
        Problems problems = new Problems();
        List<Placed<Entry>> entries = new ArrayList<>();
        for (CsvTable.Line line : CsvTable.read(content, COLUMNS)) {
            entries.add(new Placed<>(line.at(), entry(line, problems)));
        }
        problems.throwIfAny();
        return entries;
    }

    private static Entry entry(CsvTable.Line line, Problems problems) {
        Map<Place, Heard> places = new TreeMap<>();
        Map<Integer, Heard> neighbours = new TreeMap<>();
        for (String each : words(line, "heard")) {
            String[] parts = each.split("=", 2);
            line.part("heard", parts.length == 2 ? parts[1] : "")
                    .choice(Heard.class, problems)
                    .ifPresent(heard -> {
                        if (parts[0].matches("\\d{1,2}")) {
                            neighbours.put(Integer.parseInt(parts[0]), heard);
                        } else {
                            line.part("heard", parts[0])
                                    .choice(Place.class, problems)
                                    .ifPresent(p -> places.put(p, heard));
                        }
                    });
        }
        LeakdownDocument reading = new LeakdownDocument(
                line.get("kind").isEmpty()
                        ? LeakdownKind.STANDARD
                        : line.choice(LeakdownKind.class, "kind", problems).orElse(null),
                line.number("percent", problems).orElse(null),
                line.number("cylinder_kpa", problems).orElse(null),
                line.number("supply_kpa", problems).orElse(null),
                line.choice(RunState.class, "state", problems).orElse(null),
                line.choice(DoneBefore.class, "done_before", problems).orElse(null),
                places,
                line.choice(ListenedWith.class, "listened_with", problems).orElse(null),
                neighbours,
                words(line, "plugged").stream()
                        .map(w -> line.part("plugged", w).whole(problems))
                        .toList(),
                numbers(line, "settling", problems),
                numbers(line, "settling_kpa", problems),
                line.text("zeroed").map("yes"::equalsIgnoreCase).orElse(null));
        Optional<String> setAside = line.text("set_aside");
        setAside.ifPresent(s -> problems.text(line.at(), s, Step.LONGEST_REASON));
        return new Entry(
                line.get("tester"),
                new StoredLeakdown(
                        0,
                        0,
                        null,
                        line.whole("cylinder", problems),
                        reading,
                        setAside.orElse(null),
                        line.moment("taken_at", problems).orElse(null)));
    }

    /** Nothing where the cell is empty. */
    private static List<Double> numbers(CsvTable.Line line, String column, Problems problems) {
        List<Double> all = words(line, column).stream()
                .flatMap(w -> line.part(column, w).number(problems).stream())
                .toList();
        return all.isEmpty() ? null : all;
    }

    private static List<String> words(CsvTable.Line line, String column) {
        return Stream.of(line.get(column).split("\\s+"))
                .filter(w -> !w.isEmpty())
                .toList();
    }
}
