package silentotter.core.intake;

import java.time.LocalDate;
import java.util.Optional;
import silentotter.core.wording.Labelled;

/**
 * One line of an engine's service log.
 *
 * @param distanceKm on the meter then, 0 or more
 * @param hours on the meter then, 0 or more
 * @param litres oil filled in or topped up, L
 */
public record ServiceEntry(
        LocalDate date,
        ServiceKind kind,
        Optional<Double> distanceKm,
        Optional<Double> hours,
        Optional<Double> litres,
        Optional<Boolean> filterChanged,
        String what) {
    /** What was done. */
    public enum ServiceKind implements Labelled {
        OIL_CHANGE,
        TOP_UP,
        PLUGS,
        REPAIR,
        OTHER;
    }
}
