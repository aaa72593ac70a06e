package silentotter.core.outcome;

import org.hipparchus.distribution.continuous.BetaDistribution;

/**
 * How often something was so, with what so few cases leave open.
 *
 * @param low and high hold the long-run share 9 times in 10 (Jeffreys interval; Brown, Cai and DasGupta 2001)
 */
public record Share(int so, int of, double low, double high) {
    private static final double TAIL = .05;

    /** @param of 0 or more; with none everything is open */
    public static Share of(int so, int of) {
        BetaDistribution posterior = new BetaDistribution(so + .5, of - so + .5);
        return new Share(
                so,
                of,
                so == 0 ? 0 : posterior.inverseCumulativeProbability(TAIL),
                so == of ? 1 : posterior.inverseCumulativeProbability(1 - TAIL));
    }
}
