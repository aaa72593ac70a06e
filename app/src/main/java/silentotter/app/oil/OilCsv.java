package silentotter.app.oil;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import silentotter.app.part.CsvTable;
import silentotter.app.part.CsvTable.Column;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.oil.Certainty;
import silentotter.core.oil.Ground;
import silentotter.core.oil.OilEntryDocument;
import silentotter.core.oil.OilEntryKind;
import silentotter.core.oil.OilEntryReader;
import silentotter.core.oil.OilHeat;

/** An oil log as comma-separated values, one line a line; repeats of a dip stand with blanks between. */
final class OilCsv {
    private static final List<Column<StoredOilEntry>> COLUMNS = List.of(
            Column.needed("kind", e -> e.entry().kind()),
            Column.of("date", e -> e.entry().date()),
            Column.of("distance_km", e -> e.entry().distanceKm()),
            Column.of("hours", e -> e.entry().hours()),
            Column.of("mm_from_full", e -> e.entry().mmFromFull()),
            Column.of("spans_from_full", e -> e.entry().spansFromFull()),
            Column.of("repeats_mm", e -> spaced(e.entry().repeatsMm())),
            Column.of("litres", e -> e.entry().litres()),
            Column.of("kg", e -> e.entry().kg()),
            Column.of("temperature_c", e -> e.entry().temperatureC()),
            Column.of("wait_minutes", e -> e.entry().waitMinutes()),
            Column.of("ground", e -> e.entry().ground()),
            Column.of("oil", e -> e.entry().oil()),
            Column.of("certainty", e -> e.entry().certainty()),
            Column.of("filter", e -> said(e.entry().filter())),
            Column.of("filter_prefilled", e -> said(e.entry().filterPrefilled())),
            Column.of("grade", e -> e.entry().grade()),
            Column.of("fuel_litres", e -> e.entry().fuelLitres()),
            Column.of("new_meter", e -> said(e.entry().newMeter())),
            Column.of("after_pouring", e -> said(e.entry().afterPouring())),
            Column.of("note", e -> e.entry().note()),
            Column.of("set_aside", StoredOilEntry::setAside));

    private OilCsv() {}

    private static @Nullable String spaced(@Nullable List<Double> values) {
        return values == null ? null : values.stream().map(String::valueOf).collect(Collectors.joining(" "));
    }

    private static @Nullable String said(@Nullable Boolean answer) {
        return answer == null ? null : answer ? "yes" : "no";
    }

    static String write(List<StoredOilEntry> entries) {
        return CsvTable.write(COLUMNS, entries);
    }

    /** @throws silentotter.core.input.InvalidInput with everything that is wrong, by line */
    static List<StoredOilEntry> read(byte[] content) {
        Problems problems = new Problems();
        List<StoredOilEntry> entries = new ArrayList<>();
        for (CsvTable.Line line : CsvTable.read(content, COLUMNS)) {
            OilEntryDocument entry = entry(line, problems);
            String setAside = line.text("set_aside").orElse(null);
            Problems own = new Problems();
            OilEntryReader.read(0, entry, setAside, own, "");
            own.all()
                    .forEach(
                            p -> problems.add(new FieldProblem(line.at(), p.field() + " " + p.message(), p.allowed())));
            entries.add(new StoredOilEntry(0, entry, setAside));
        }
        problems.throwIfAny();
        return entries;
    }

    private static OilEntryDocument entry(CsvTable.Line line, Problems problems) {
        List<Double> repeats = Stream.of(line.get("repeats_mm").split("\\s+"))
                .filter(w -> !w.isEmpty())
                .flatMap(w -> line.part("repeats_mm", w).number(problems).stream())
                .toList();
        return new OilEntryDocument(
                line.choice(OilEntryKind.class, "kind", problems).orElse(null),
                line.text("date").orElse(null),
                line.number("distance_km", problems).orElse(null),
                line.number("hours", problems).orElse(null),
                line.number("mm_from_full", problems).orElse(null),
                line.number("spans_from_full", problems).orElse(null),
                repeats.isEmpty() ? null : repeats,
                line.number("litres", problems).orElse(null),
                line.number("kg", problems).orElse(null),
                line.number("temperature_c", problems).orElse(null),
                line.number("wait_minutes", problems).orElse(null),
                line.choice(Ground.class, "ground", problems).orElse(null),
                line.choice(OilHeat.class, "oil", problems).orElse(null),
                line.choice(Certainty.class, "certainty", problems).orElse(null),
                answer(line, "filter"),
                answer(line, "filter_prefilled"),
                line.text("grade").orElse(null),
                line.number("fuel_litres", problems).orElse(null),
                answer(line, "new_meter"),
                answer(line, "after_pouring"),
                line.text("note").orElse(null));
    }

    private static @Nullable Boolean answer(CsvTable.Line line, String column) {
        return line.text(column).map("yes"::equalsIgnoreCase).orElse(null);
    }
}
