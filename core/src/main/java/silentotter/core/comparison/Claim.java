package silentotter.core.comparison;

import java.util.Optional;
import silentotter.core.engine.CylinderNumber;

/**
 * A difference between two visits.
 *
 * @param cylinder empty where all cylinders moved together, or for the whole engine
 * @param change after less before: a share, or points
 * @param low and high hold it 19 times in 20, all that is compared taken together
 * @param claimed whether it lies beyond that
 * @param better whether it is for the better
 */
public record Claim(
        Measure measure,
        Optional<CylinderNumber> cylinder,
        double change,
        double low,
        double high,
        boolean claimed,
        boolean better) {}
