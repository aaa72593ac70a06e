package silentotter.core.engine;

import java.util.Optional;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Volume;

/**
 * Oil quantities and the dipstick, as far as known.
 *
 * @param dipstickParts into how many the stick is marked between low and full, 1 where it has these two marks only
 */
public record OilData(
        Optional<Volume> withFilter,
        Optional<Volume> withoutFilter,
        Optional<Length> dipstickSpan,
        Optional<Volume> dipstickSpanVolume,
        Optional<Integer> dipstickParts) {
    public static final OilData UNKNOWN =
            new OilData(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** What an oil change takes: with the filter where that is known, else without. */
    public Optional<Volume> filling() {
        return withFilter.or(() -> withoutFilter);
    }
}
