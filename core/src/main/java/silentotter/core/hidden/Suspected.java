package silentotter.core.hidden;

import java.util.List;
import silentotter.core.fault.Family;

/** A family at a place, as answers and truths are held against each other. @param cylinders empty where the family has none */
record Suspected(Family family, List<Integer> cylinders) {
    static Suspected of(HiddenFault fault) {
        Family family = fault.fault().family().orElseThrow();
        boolean placed = family == Family.RINGS
                || family == Family.VALVE_LEAK
                || family == Family.VALVE_MOTION
                || family == Family.GASKET_BETWEEN;
        return new Suspected(
                family, placed ? fault.cylinders().stream().sorted().toList() : List.of());
    }
}
