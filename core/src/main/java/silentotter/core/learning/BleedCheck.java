package silentotter.core.learning;

import org.jspecify.annotations.Nullable;

/**
 * What one reading of drilled bleed holes said of a tester.
 *
 * @param at when it was done, an instant
 * @param orificeMm diameter of a round hole that lets through what its metering orifice does
 * @param supplyKPa as it was known, or as two holes told
 * @param hidden whether two holes had to tell the supply too, which they do badly
 * @param statedMm what the tester was said to have before its first check, with its coefficient; null where nobody knew
 */
public record BleedCheck(
        String at,
        double orificeMm,
        double supplyKPa,
        boolean hidden,
        @Nullable Double statedMm) {
    /** One standard deviation of the area that one hole tells: its edge, its size, the dial. Trade practice. */
    private static final double ONE_HOLE = .03;
    /** The same where the supply is told by the same two readings. Trade practice. */
    private static final double HIDDEN_SUPPLY = .12;

    double logArea() {
        return 2 * Math.log(orificeMm);
    }

    double sigma() {
        return hidden ? HIDDEN_SUPPLY : ONE_HOLE;
    }
}
