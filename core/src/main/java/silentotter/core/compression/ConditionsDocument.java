package silentotter.core.compression;

import org.jspecify.annotations.Nullable;
import silentotter.core.compression.Conditions.EngineTemperature;
import silentotter.core.compression.Conditions.PlugsOut;
import silentotter.core.compression.Conditions.Throttle;
import silentotter.core.compression.CrankingLength.LengthKind;

/** The conditions of a pass as the API, the database and the case file write them. */
public record ConditionsDocument(
        @Nullable EngineTemperature temperature,
        @Nullable Throttle throttle,
        @Nullable PlugsOut plugsOut,
        @Nullable Double crankingRpm,
        @Nullable Double batteryVolts,
        @Nullable LengthKind lengthKind,
        @Nullable Double lengthAmount,
        @Nullable Double gaugeFullScaleKPa,
        @Nullable Double gaugeDivisionKPa,
        @Nullable Double hoseVolumeMl,
        @Nullable Double gaugeVolumeMl,
        @Nullable Boolean fuelDisabled,
        @Nullable Boolean sparkDisabled,
        @Nullable Boolean releaseDisabled) {
    public static final ConditionsDocument EMPTY =
            new ConditionsDocument(null, null, null, null, null, null, null, null, null, null, null, null, null, null);
}
