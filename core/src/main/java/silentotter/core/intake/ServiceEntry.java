package silentotter.core.intake;

import java.time.LocalDate;
import java.util.Optional;

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
    public enum ServiceKind {
        OIL_CHANGE("oil change"),
        TOP_UP("top-up"),
        PLUGS("plugs"),
        REPAIR("repair"),
        OTHER("other work");

        private final String words;

        ServiceKind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
