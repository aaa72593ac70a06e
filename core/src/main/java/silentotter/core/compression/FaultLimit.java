package silentotter.core.compression;

/**
 * Where a school begins to speak of a fault.
 *
 * @param at a share for a ratio, kPa otherwise
 */
public record FaultLimit(Figure figure, double at) {
    /** Of what a school speaks. */
    public enum Figure {
        LOWEST_OVER_HIGHEST,
        HIGHEST_LESS_LOWEST,
        LOWEST
    }
}
