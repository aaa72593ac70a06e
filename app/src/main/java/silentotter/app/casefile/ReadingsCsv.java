package silentotter.app.casefile;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import silentotter.app.compression.Compression.FiledReading;
import silentotter.app.compression.ReadingDocument;
import silentotter.app.compression.StoredPass;
import silentotter.app.compression.StoredPass.StoredReading;
import silentotter.core.compression.PassKind;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.PressureUnit;

/** Compression readings as comma-separated values: one line a stroke, the stroke left empty when final only. */
final class ReadingsCsv {
    /** A pass as it stands in a file. */
    record CsvPass(PassKind kind, List<FiledReading> readings) {}

    private static final String[] HEADER = {
        "pass", "kind", "cylinder", "attempt", "stroke", "pressure", "unit", "oil_ml", "set_aside", "taken_at"
    };
    private static final List<String> NEEDED = List.of("kind", "cylinder", "pressure");
    private static final int MOST_LINES = 10_000;

    private ReadingsCsv() {}

    static String write(List<StoredPass> passes) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(
                out, CSVFormat.RFC4180.builder().setHeader(HEADER).get())) {
            for (int p = 0; p < passes.size(); p++) {
                Map<Integer, Integer> attempts = new LinkedHashMap<>();
                for (StoredReading r : passes.get(p).readings()) {
                    int attempt = attempts.merge(r.cylinder(), 1, Integer::sum);
                    for (int s = 0; s < r.strokesKPa().size(); s++) {
                        printer.printRecord(
                                p + 1,
                                passes.get(p).kind(),
                                r.cylinder(),
                                attempt,
                                r.finalOnly() ? null : s + 1,
                                r.strokesKPa().get(s),
                                PressureUnit.KPA.symbol(),
                                s == 0 ? r.oilMl() : null,
                                s == 0 ? r.setAside() : null,
                                r.takenAt());
                    }
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /** @throws InvalidInput with everything that is wrong, by line */
    static List<CsvPass> read(String text) {
        Problems problems = new Problems();
        Map<String, List<CSVRecord>> attempts = new LinkedHashMap<>();
        try (var parser = CsvForm.parse(text)) {
            CsvForm.need(NEEDED, parser, problems);
            for (CSVRecord line : parser) {
                if (line.getRecordNumber() > MOST_LINES) {
                    throw InvalidInput.at("line " + (MOST_LINES + 1), "too many lines", "at most " + MOST_LINES);
                }
                String key = CsvForm.get(line, "pass") + "|"
                        + CsvForm.get(line, "kind").toUpperCase() + "|" + CsvForm.get(line, "cylinder")
                        + "|"
                        + (CsvForm.get(line, "attempt").isEmpty()
                                        && CsvForm.get(line, "stroke").isEmpty()
                                ? "line" + line.getRecordNumber()
                                : CsvForm.get(line, "attempt"));
                attempts.computeIfAbsent(key, k -> new ArrayList<>()).add(line);
            }
        } catch (UncheckedIOException | IOException | IllegalArgumentException e) {
            throw InvalidInput.at(
                    e.getCause() instanceof CSVException || e instanceof CSVException ? "the file" : "line 1",
                    e.getMessage());
        }
        if (attempts.isEmpty()) {
            throw InvalidInput.at("the file", "holds no readings");
        }
        Map<String, CsvPass> passes = new LinkedHashMap<>();
        attempts.values().forEach(lines -> add(lines, passes, problems));
        problems.throwIfAny();
        return List.copyOf(passes.values());
    }

    private static void add(List<CSVRecord> lines, Map<String, CsvPass> passes, Problems problems) {
        CSVRecord first = lines.get(0);
        int before = problems.all().size();
        PassKind kind = kind(first, problems);
        int cylinder = (int) number(first, "cylinder", AllowedRange.CYLINDERS, problems);
        boolean finalOnly = CsvForm.get(first, "stroke").isEmpty();
        if (finalOnly && lines.size() > 1) {
            problems.add(
                    CsvForm.at(lines.get(1)),
                    "a second value for the same final-only attempt; number the attempts or the strokes");
        }
        List<Double> strokes = new ArrayList<>();
        for (CSVRecord line : lines) {
            if (!finalOnly && !CsvForm.get(line, "stroke").equals(Integer.toString(strokes.size() + 1))) {
                problems.add(FieldProblem.of(
                        CsvForm.at(line),
                        "stroke '" + CsvForm.get(line, "stroke") + "' is out of order",
                        "stroke " + (strokes.size() + 1)));
            }
            strokes.add(pressure(line, problems));
        }
        Double oil = CsvForm.get(first, "oil_ml").isEmpty()
                ? null
                : number(first, "oil_ml", AllowedRange.OIL_DOSE, problems);
        Optional<String> takenAt = takenAt(first, problems);
        if (problems.all().size() == before) {
            passes.computeIfAbsent(CsvForm.get(first, "pass") + kind, k -> new CsvPass(kind, new ArrayList<>()))
                    .readings()
                    .add(new FiledReading(
                            new ReadingDocument(null, cylinder, strokes, finalOnly, oil),
                            Optional.of(CsvForm.get(first, "set_aside")).filter(s -> !s.isEmpty()),
                            takenAt));
        }
    }

    private static PassKind kind(CSVRecord line, Problems problems) {
        return problems.attempt(CsvForm.at(line), () -> {
                    try {
                        return PassKind.valueOf(CsvForm.get(line, "kind").toUpperCase());
                    } catch (IllegalArgumentException e) {
                        throw new IllegalArgumentException(
                                "kind must be DRY or WET, but was '" + CsvForm.get(line, "kind") + "'");
                    }
                })
                .orElse(null);
    }

    private static Optional<String> takenAt(CSVRecord line, Problems problems) {
        String text = CsvForm.get(line, "taken_at");
        return text.isEmpty()
                ? Optional.empty()
                : problems.attempt(CsvForm.at(line), () -> {
                    try {
                        return Instant.parse(text).toString();
                    } catch (DateTimeParseException e) {
                        throw new IllegalArgumentException(
                                "taken_at must be a moment such as 2026-11-03T09:42:00Z, but was '" + text + "'");
                    }
                });
    }

    private static double pressure(CSVRecord line, Problems problems) {
        String unit = CsvForm.get(line, "unit");
        double value = number(line, "pressure", null, problems);
        return problems.attempt(CsvForm.at(line), () -> {
                    PressureUnit in = unit.isEmpty() ? PressureUnit.KPA : PressureUnit.parse(unit);
                    // Not through Pressure for kPa: what was exported must come back to the last digit.
                    double kPa = in == PressureUnit.KPA
                            ? value
                            : Pressure.of(value, in).kPa();
                    AllowedRange.READING.problemWith(CsvForm.at(line), kPa).ifPresent(problems::add);
                    return kPa;
                })
                .orElse(0.0);
    }

    private static double number(CSVRecord line, String column, AllowedRange range, Problems problems) {
        String text = CsvForm.get(line, column);
        try {
            double value = Double.parseDouble(text.replace(',', '.'));
            if (range != null) {
                range.problemWith(CsvForm.at(line), value).ifPresent(problems::add);
            }
            return value;
        } catch (NumberFormatException e) {
            problems.add(CsvForm.at(line), column + " must be a number, but was '" + text + "'");
            return 0;
        }
    }
}
