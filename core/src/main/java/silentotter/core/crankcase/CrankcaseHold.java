package silentotter.core.crankcase;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;

/**
 * The crankcase pressure and vacuum test of a two-stroke, a record for each crank chamber: each cylinder breathes through its
 * own. It is what "leak-down" means to many who work on two-strokes.
 *
 * @param pressure what was written down without saying of which chamber, as older records are; so vacuum and bubbles
 * @param chambers by the number of the cylinder above
 */
public record CrankcaseHold(
        Optional<HoldRun> pressure,
        Optional<HoldRun> vacuum,
        Map<BubblePlace, Boolean> bubbles,
        Map<Integer, Chamber> chambers) {
    public static final CrankcaseHold EMPTY = new CrankcaseHold(Optional.empty(), Optional.empty(), Map.of(), Map.of());

    public CrankcaseHold {
        bubbles = Map.copyOf(Objects.requireNonNullElse(bubbles, Map.of()));
        chambers = Map.copyOf(Objects.requireNonNullElse(chambers, Map.of()));
    }

    /** The chamber under a cylinder; where nobody said of which chamber, what was written down stands for each. */
    public Chamber under(CylinderNumber cylinder) {
        return chambers.getOrDefault(cylinder.value(), unnamed());
    }

    Chamber unnamed() {
        return new Chamber(pressure, vacuum, bubbles);
    }

    /** Where soapy water is looked at while a chamber has pressure. */
    public enum BubblePlace {
        FLYWHEEL_SEAL,
        FREE_END_SEAL,
        /** Between two chambers: no bubbles there, the air is heard or felt in the next one. */
        CENTRE_SEAL,
        BASE_JOINT,
        REED_BLOCK,
        INTAKE_JOINT,
        PLUG_OR_HEAD
    }
}
