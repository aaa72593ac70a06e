package silentotter.core.leakdown;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;

/**
 * Everything that leak-down says of an engine.
 *
 * @param cylinders those that were read
 * @param comparable whether areas could be computed for all of them; otherwise only a ranking within the engine
 */
public record LeakdownAnalysis(
        Map<CylinderNumber, CylinderLeak> cylinders,
        boolean comparable,
        List<LeakdownFault> faults,
        List<CrossCheck> crossChecks,
        List<String> passes) {
    public static final LeakdownAnalysis NONE = new LeakdownAnalysis(Map.of(), true, List.of(), List.of(), List.of());

    public Optional<CylinderLeak> at(CylinderNumber cylinder) {
        return Optional.ofNullable(cylinders.get(cylinder));
    }

    public Optional<CrossCheck> crossCheck(CylinderNumber cylinder) {
        return crossChecks.stream().filter(c -> c.cylinder().equals(cylinder)).findFirst();
    }

    public List<LeakdownFault> undermining(CylinderNumber cylinder) {
        return faults.stream()
                .filter(f -> f.undermines() && f.cylinders().contains(cylinder))
                .toList();
    }
}
