package silentotter.core.valves;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * Valve clearances of an engine.
 *
 * @param measured at which temperature they were measured
 * @param specified at which temperature the specification stands
 * @param cylinders by number
 */
public record ValveClearances(
        Optional<ClearanceState> measured,
        Optional<ClearanceState> specified,
        Map<Integer, CylinderClearances> cylinders) {
    public static final ValveClearances EMPTY = new ValveClearances(Optional.empty(), Optional.empty(), Map.of());

    public ValveClearances {
        cylinders = Map.copyOf(Objects.requireNonNullElse(cylinders, Map.of()));
    }

    /** Whether measured and specified stand at different temperatures, so that they do not compare as they are. */
    public boolean atOtherTemperature() {
        return measured.isPresent() && specified.isPresent() && !measured.equals(specified);
    }

    /** At which temperature clearances were measured, or are specified. */
    public enum ClearanceState {
        COLD,
        HOT
    }
}
