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
}
