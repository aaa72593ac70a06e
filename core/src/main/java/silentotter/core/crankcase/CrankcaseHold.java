package silentotter.core.crankcase;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * The crankcase pressure and vacuum test of a two-stroke: intake and exhaust closed off, pumped, and watched. It is what
 * "leak-down" means to many who work on two-strokes. Pressure at most about 50 kPa, or seals are pushed out.
 *
 * @param bubbles whether bubbles were seen at each place that was looked at
 */
public record CrankcaseHold(Optional<HoldRun> pressure, Optional<HoldRun> vacuum, Map<BubblePlace, Boolean> bubbles) {
    public static final CrankcaseHold EMPTY = new CrankcaseHold(Optional.empty(), Optional.empty(), Map.of());

    public CrankcaseHold {
        bubbles = Map.copyOf(Objects.requireNonNullElse(bubbles, Map.of()));
    }

    boolean bubblesAt(BubblePlace place) {
        return bubbles.getOrDefault(place, false);
    }

    /** Where soapy water is looked at while the crankcase has pressure. */
    public enum BubblePlace {
        FLYWHEEL_SEAL,
        FREE_END_SEAL,
        BASE_JOINT,
        REED_BLOCK,
        INTAKE_JOINT,
        PLUG_OR_HEAD
    }
}
