package silentotter.core.compression;

import java.util.Optional;
import silentotter.core.compression.CrankingLength.LengthKind;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.instruments.CompressionGauge;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Volume;

/** Turns a document into conditions and says everything that is wrong with it at its field. */
public final class ConditionsReader {
    private ConditionsReader() {}

    /** @throws silentotter.core.input.InvalidInput with every problem found */
    public static Conditions read(ConditionsDocument document) {
        Problems problems = new Problems();
        Conditions conditions = read(document, problems, "");
        problems.throwIfAny();
        return conditions;
    }

    /** Reads as part of something larger; wrong fields are left empty and added to the problems. */
    public static Conditions read(ConditionsDocument d, Problems problems, String path) {
        Optional<Pressure> fullScale = problems.optional(
                path + "gaugeFullScaleKPa", d.gaugeFullScaleKPa(), AllowedRange.GAUGE_FULL_SCALE, Pressure::ofKPa);
        Optional<Pressure> division = problems.optional(
                path + "gaugeDivisionKPa", d.gaugeDivisionKPa(), AllowedRange.GAUGE_DIVISION, Pressure::ofKPa);
        if (fullScale.isPresent()
                && division.isPresent()
                && division.get().kPa() * 5 > fullScale.get().kPa()) {
            problems.add(FieldProblem.of(
                    path + "gaugeDivisionKPa", "is too coarse for this full scale", "at most a fifth of full scale"));
        }
        return new Conditions(
                Optional.ofNullable(d.temperature()),
                Optional.ofNullable(d.throttle()),
                Optional.ofNullable(d.plugsOut()),
                problems.optional(
                        path + "crankingRpm", d.crankingRpm(), AllowedRange.CRANKING_SPEED, CrankSpeed::ofRpm),
                problems.optional(path + "batteryVolts", d.batteryVolts(), AllowedRange.BATTERY, v -> v),
                length(d, problems, path),
                new CompressionGauge(
                        fullScale,
                        division,
                        problems.optional(
                                path + "hoseVolumeMl",
                                d.hoseVolumeMl(),
                                AllowedRange.HOSE_VOLUME,
                                Volume::ofMillilitres),
                        problems.optional(
                                path + "gaugeVolumeMl",
                                d.gaugeVolumeMl(),
                                AllowedRange.GAUGE_VOLUME,
                                Volume::ofMillilitres)),
                Optional.ofNullable(d.fuelDisabled()),
                Optional.ofNullable(d.sparkDisabled()),
                Optional.ofNullable(d.releaseDisabled()));
    }

    private static Optional<CrankingLength> length(ConditionsDocument d, Problems problems, String path) {
        if (d.lengthKind() == null) {
            return Optional.empty();
        }
        if (d.lengthKind() == LengthKind.UNTIL_STOPPED) {
            return Optional.of(new CrankingLength(LengthKind.UNTIL_STOPPED, 0));
        }
        return problems.required(
                path + "lengthAmount",
                d.lengthAmount(),
                AllowedRange.CRANKING_LENGTH,
                v -> new CrankingLength(d.lengthKind(), v));
    }
}
