package silentotter.core.found;

import java.util.Optional;

/**
 * What may be measured before a part is worn out: the maker's figures. Without one a measure is kept and says nothing.
 *
 * @param source where the figures come from, in somebody's words
 */
public record WearLimits(
        Optional<Double> wearMm,
        Optional<Double> taperMm,
        Optional<Double> ovalityMm,
        Optional<Double> gapMm,
        Optional<Double> flatnessMm,
        Optional<Double> runOutMm,
        Optional<String> source) {
    public static final WearLimits UNKNOWN = new WearLimits(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());
}
