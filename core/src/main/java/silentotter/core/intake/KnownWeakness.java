package silentotter.core.intake;

import java.util.Optional;
import silentotter.core.fault.Fault;

/**
 * A known weakness of the engine family, stated by the technician as a prior. The verdict is read with and without it.
 *
 * @param suspect what this family is known for
 * @param times how many times more often than usual, 1 to 10
 * @param source who says so
 */
public record KnownWeakness(Optional<Fault> suspect, Optional<Double> times, Optional<String> source) {
    public static final double USUAL_TIMES = 3;

    public double factor() {
        return times.orElse(USUAL_TIMES);
    }
}
