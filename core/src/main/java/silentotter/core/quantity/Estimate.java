package silentotter.core.quantity;

/**
 * A value that is known with an interval. Unless said otherwise the interval holds the truth 19 times in 20.
 *
 * @param low lower end, not above best
 * @param best the single value to quote
 * @param high upper end, not below best
 */
public record Estimate<Q extends Comparable<Q>>(Q low, Q best, Q high) {
    public Estimate {
        if (low.compareTo(best) > 0 || best.compareTo(high) > 0) {
            throw new IllegalArgumentException("estimate must be ordered, but was " + low + ", " + best + ", " + high);
        }
    }

    public static <Q extends Comparable<Q>> Estimate<Q> of(Q low, Q best, Q high) {
        return new Estimate<>(low, best, high);
    }

    public static <Q extends Comparable<Q>> Estimate<Q> exactly(Q value) {
        return new Estimate<>(value, value, value);
    }

    public boolean holds(Q value) {
        return low.compareTo(value) <= 0 && value.compareTo(high) <= 0;
    }
}
