package silentotter.core.oil;

import java.util.OptionalDouble;

/**
 * A place on the axis of a log where the stick was read, something was poured in or let out, or both. Where both, the stick
 * was read first.
 *
 * @param at distance, hours or days, in the unit of the axis
 * @param level from the full mark as the stick says, negative below it; empty where nobody dipped
 * @param sigma one standard deviation of that, above 0, in the unit of the level
 * @param added poured in, 0 or more, in litres
 * @param removed let out, 0 or more, in litres
 * @param pouredSigma one standard deviation of what was poured and let out here, litres
 */
public record LevelPoint(
        double at, OptionalDouble level, double sigma, double added, double removed, double pouredSigma) {
    /** One standard deviation of a measured litre. */
    static final double MEASURED_SHARE = 0.03;

    /** As somebody measures: what was poured is good to three per cent. */
    public static LevelPoint measured(double at, OptionalDouble level, double sigma, double added, double removed) {
        return new LevelPoint(
                at, level, sigma, added, removed, Math.hypot(MEASURED_SHARE * added, MEASURED_SHARE * removed));
    }

    double poured() {
        return added - removed;
    }
}
