package silentotter.core.crankcase;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import silentotter.core.crankcase.CrankcaseHold.BubblePlace;

/**
 * The hold test of one crank chamber: intake and exhaust closed off, pumped, and watched. Pressure at most about 50 kPa, or
 * seals are pushed out.
 *
 * @param bubbles whether bubbles were seen at each place that was looked at
 */
public record Chamber(Optional<HoldRun> pressure, Optional<HoldRun> vacuum, Map<BubblePlace, Boolean> bubbles) {
    public Chamber {
        bubbles = Map.copyOf(Objects.requireNonNullElse(bubbles, Map.of()));
    }

    /** Whether it was pumped and watched, under pressure or vacuum. */
    public boolean wasHeld() {
        return pressure.or(() -> vacuum).flatMap(HoldRun::lossPerMinute).isPresent();
    }

    public boolean leaksUnderPressure() {
        return HoldRules.isLeaking(pressure);
    }

    public boolean leaksUnderVacuum() {
        return HoldRules.isLeaking(vacuum);
    }

    boolean bubblesAt(BubblePlace place) {
        return bubbles.getOrDefault(place, false);
    }
}
