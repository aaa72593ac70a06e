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

    boolean bubblesAt(BubblePlace place) {
        return bubbles.getOrDefault(place, false);
    }
}
