package silentotter.core.valves;

import java.util.List;
import java.util.Objects;

/**
 * Clearances of one cylinder, valve by valve, in mm, 0 to 3.
 */
public record CylinderClearances(List<Double> intakeMm, List<Double> exhaustMm) {
    public CylinderClearances {
        intakeMm = List.copyOf(Objects.requireNonNullElse(intakeMm, List.of()));
        exhaustMm = List.copyOf(Objects.requireNonNullElse(exhaustMm, List.of()));
    }
}
