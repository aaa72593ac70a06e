package silentotter.app.compression;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import silentotter.app.change.Step;
import silentotter.app.part.CsvTable;
import silentotter.app.part.CsvTable.Column;
import silentotter.app.part.CsvTable.Line;
import silentotter.app.part.Filed.Placed;
import silentotter.core.compression.FiledReading;
import silentotter.core.compression.PassKind;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.Problems;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.PressureUnit;

/** Compression readings as comma-separated values: one line a stroke, the stroke left empty when final only. */
final class ReadingsCsv {
    /** A pass as it stands in a file. */
    record CsvPass(PassKind kind, List<Placed<FiledReading>> readings) {}

    /** A line: one stroke of an attempt. */
    private record Stroke(int pass, PassKind kind, int attempt, int number, FiledReading reading) {
        /** What belongs to the attempt stands on its first line. */
        private <T> @Nullable T once(@Nullable T value) {
            return number == 1 ? value : null;
        }
    }

    private static final List<Column<Stroke>> COLUMNS = List.of(
            Column.of("pass", Stroke::pass),
            Column.needed("kind", Stroke::kind),
            Column.needed("cylinder", s -> s.reading().cylinder()),
            Column.of("attempt", Stroke::attempt),
            Column.of("stroke", s -> s.reading().finalOnly() ? null : s.number()),
            Column.needed("pressure", s -> s.reading().strokesKPa().get(s.number() - 1)),
            Column.of("unit", s -> PressureUnit.KPA.symbol()),
            Column.of("oil_ml", s -> s.once(s.reading().oilMl())),
            Column.of("set_aside", s -> s.once(s.reading().setAside())),
            Column.of("taken_at", s -> s.reading().takenAt()));

    private ReadingsCsv() {}

    static String write(List<StoredPass> passes) {
        List<Stroke> lines = new ArrayList<>();
        for (int p = 0; p < passes.size(); p++) {
            Map<Integer, Integer> attempts = new HashMap<>();
            for (StoredPass.StoredReading stored : passes.get(p).readings()) {
                FiledReading r = stored.reading();
                int attempt = attempts.merge(r.cylinder(), 1, Integer::sum);
                for (int s = 1; s <= r.strokesKPa().size(); s++) {
                    lines.add(new Stroke(p + 1, passes.get(p).kind(), attempt, s, r));
                }
            }
        }
        return CsvTable.write(COLUMNS, lines);
    }

    /** @throws silentotter.core.input.InvalidInput with everything that is wrong, by line */
    static List<CsvPass> read(byte[] content) {
        Map<String, List<Line>> attempts = new LinkedHashMap<>();
        for (Line line : CsvTable.read(content, COLUMNS)) {
            boolean alone = line.get("attempt").isEmpty() && line.get("stroke").isEmpty();
            String key = String.join(
                    "|",
                    line.get("pass"),
                    line.get("kind").toUpperCase(Locale.ROOT),
                    line.get("cylinder"),
                    alone ? line.at() : line.get("attempt"));
            attempts.computeIfAbsent(key, k -> new ArrayList<>()).add(line);
        }
        Problems problems = new Problems();
        Map<String, CsvPass> passes = new LinkedHashMap<>();
        attempts.values().forEach(lines -> add(lines, passes, problems));
        problems.throwIfAny();
        return List.copyOf(passes.values());
    }

    private static void add(List<Line> lines, Map<String, CsvPass> passes, Problems problems) {
        Line first = lines.get(0);
        int before = problems.all().size();
        if (first.get("kind").isEmpty()) {
            problems.add(first.at(), "kind is missing");
        }
        Optional<PassKind> kind = first.choice(PassKind.class, "kind", problems);
        int cylinder = first.whole("cylinder", problems);
        boolean finalOnly = first.get("stroke").isEmpty();
        if (finalOnly && lines.size() > 1) {
            problems.add(lines.get(1).at(), "the same attempt stands twice; number its strokes or its attempts");
        }
        List<Double> strokes = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            if (!finalOnly && line.whole("stroke", problems) != i + 1) {
                problems.add(line.at(), "strokes must be counted 1, 2, 3 …; this should be stroke " + (i + 1));
            }
            pressure(line, problems).ifPresent(strokes::add);
        }
        Optional<Double> oil = first.number("oil_ml", problems);
        Optional<String> takenAt = first.moment("taken_at", problems);
        Optional<String> setAside = first.text("set_aside");
        setAside.ifPresent(s -> problems.text(first.at(), s, Step.LONGEST_REASON));
        if (problems.all().size() == before) {
            passes.computeIfAbsent(first.get("pass") + kind, k -> new CsvPass(kind.orElseThrow(), new ArrayList<>()))
                    .readings()
                    .add(new Placed<>(
                            first.at(),
                            new FiledReading(
                                    cylinder,
                                    strokes,
                                    finalOnly,
                                    oil.orElse(null),
                                    setAside.orElse(null),
                                    takenAt.orElse(null))));
        }
    }

    private static Optional<Double> pressure(Line line, Problems problems) {
        Optional<PressureUnit> unit = line.text("unit")
                .map(u -> problems.attempt(line.at(), () -> PressureUnit.parse(u)))
                .orElse(Optional.of(PressureUnit.KPA));
        if (line.get("pressure").isEmpty()) {
            problems.add(line.at(), "pressure is missing");
        }
        // Not through Pressure for kPa: what was exported must come back to the last digit.
        Optional<Double> kPa = line.number("pressure", problems)
                .flatMap(v -> unit.map(
                        u -> u == PressureUnit.KPA ? v : Pressure.of(v, u).kPa()));
        kPa.flatMap(v -> AllowedRange.READING.problemWith(line.at(), v)).ifPresent(problems::add);
        return kPa;
    }
}
