package silentotter.core.compression;

import java.math.BigDecimal;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.twin.WetArtefact;

/** The one place that says what is wrong with a compression reading, however it comes in. */
public final class ReadingReader {
    private ReadingReader() {}

    /**
     * What is wrong with a reading in itself and with its pass. Typing, CSV and case files are all held to it.
     *
     * @param path of the reading, with its dot; empty when it stands alone
     */
    public static void check(
            Engine engine,
            PassKind kind,
            ConditionsDocument conditions,
            FiledReading reading,
            Problems problems,
            String path) {
        int count = engine.arrangement().count();
        if (reading.cylinder() < 1 || reading.cylinder() > count) {
            problems.add(FieldProblem.of(
                    path + "cylinder", reading.cylinder() + " does not exist on this engine", "1 to " + count));
        }
        List<Double> strokes = Objects.requireNonNullElse(reading.strokesKPa(), List.of());
        if (strokes.isEmpty()
                || strokes.stream().anyMatch(Objects::isNull)
                || strokes.size() > AllowedRange.STROKES.max()) {
            problems.add(FieldProblem.of(path + "strokesKPa", "needs 1 to 60 values", AllowedRange.READING.inWords()));
            return;
        }
        if (reading.finalOnly() && strokes.size() != 1) {
            problems.add(path + "strokesKPa", "a final-only reading has one value");
        }
        for (int i = 0; i < strokes.size(); i++) {
            value(conditions, path + "strokesKPa[" + i + "]", strokes.get(i), problems);
        }
        if (kind == PassKind.WET) {
            problems.optional(path + "oilMl", reading.oilMl(), AllowedRange.OIL_DOSE, v -> v);
        } else if (reading.oilMl() != null) {
            problems.add(path + "oilMl", "belongs to a wet pass");
        }
    }

    /** What is wrong with one value of a pass. */
    public static void value(ConditionsDocument conditions, String path, double kPa, Problems problems) {
        Optional<FieldProblem> outside = AllowedRange.READING.problemWith(path, kPa);
        outside.ifPresent(problems::add);
        Double fullScale = conditions.gaugeFullScaleKPa();
        if (outside.isEmpty() && fullScale != null && kPa > fullScale) {
            problems.add(FieldProblem.of(
                    path,
                    rounded(kPa) + " is over the gauge's full scale of " + rounded(fullScale) + " kPa",
                    "0 to " + rounded(fullScale) + " kPa"));
        }
    }

    /**
     * Whether oil may go into this cylinder now. Asked before it is poured, not of a file: what was poured was poured.
     *
     * @param pouredMl oil that this cylinder was given before
     */
    public static void oil(Engine engine, FiledReading reading, double pouredMl, Problems problems) {
        Optional<String> refusal = CompressionAnalyst.wetRefusal(engine, CylinderNumber.of(reading.cylinder()));
        if (refusal.isPresent()) {
            problems.add("cylinder", refusal.get());
            return;
        }
        double dose = Objects.requireNonNullElse(reading.oilMl(), 0.0);
        engine.size().geometry(engine.assumedRatio()).ifPresent(geometry -> {
            double left = Math.max(0, WetArtefact.safeOil(geometry).millilitres() - pouredMl);
            if (dose > left) {
                problems.add(FieldProblem.of(
                        "oilMl",
                        rounded(dose)
                                + " mL more would make over a quarter of the clearance volume: the engine could lock",
                        "0 to " + rounded(Math.floor(left * 10) / 10) + " mL"));
            }
        });
    }

    private static String rounded(double value) {
        return BigDecimal.valueOf(Math.round(value * 10))
                .movePointLeft(1)
                .stripTrailingZeros()
                .toPlainString();
    }
}
