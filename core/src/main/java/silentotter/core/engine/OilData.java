package silentotter.core.engine;

import java.util.Optional;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Volume;

/** Oil quantities and the dipstick, as far as known. */
public record OilData(
        Optional<Volume> withFilter,
        Optional<Volume> withoutFilter,
        Optional<Length> dipstickSpan,
        Optional<Volume> dipstickSpanVolume) {
    public static final OilData UNKNOWN =
            new OilData(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
}
