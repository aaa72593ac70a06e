package silentotter.core.signs;

import java.util.Optional;

/**
 * Smoke at one moment.
 *
 * @param standingHours how long it had stood, for smoke on starting; 0 to 10 000 h
 */
public record Smoke(Optional<SmokeColour> colour, Optional<SmokeLasting> lasting, Optional<Double> standingHours) {
    boolean is(SmokeColour which) {
        return colour.filter(c -> c == which).isPresent();
    }

    boolean lasts(SmokeLasting which) {
        return lasting.filter(l -> l == which).isPresent();
    }

    /** Colour of the smoke. */
    public enum SmokeColour {
        NONE,
        BLUE,
        WHITE,
        BLACK
    }

    /** How long the smoke lasts. */
    public enum SmokeLasting {
        PUFF,
        UNTIL_WARM,
        STAYS
    }

    /** When it smokes; that matters more than how much. */
    public enum SmokeMoment {
        START_AFTER_STANDING,
        IDLE,
        LOAD,
        OVERRUN,
        ALWAYS
    }
}
