package silentotter.core.engine;

import java.util.Optional;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;

/**
 * What the maker allows; each may be unknown.
 *
 * @param blowby crankcase pressure before the orifice that it is told for
 */
public record MakerLimits(
        Optional<SourcedLimit<Pressure>> compressionNominal,
        Optional<SourcedLimit<Pressure>> compressionMinimum,
        Optional<SourcedLimit<Pressure>> compressionSpread,
        Optional<SourcedLimit<Length>> intakeClearance,
        Optional<SourcedLimit<Length>> exhaustClearance,
        Optional<SourcedLimit<Length>> plugGap,
        Optional<SourcedLimit<Pressure>> blowby,
        Optional<Length> blowbyOrifice,
        Optional<SourcedLimit<Double>> oilLitresPer1000Km,
        Optional<SourcedLimit<Double>> oilMlPerHour) {
    public static final MakerLimits UNKNOWN = new MakerLimits(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());
}
