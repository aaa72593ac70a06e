package silentotter.core.leakdown;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.Finding;
import silentotter.core.finding.ReadingFault;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.wording.Worded;

/**
 * Everything that leak-down says of an engine.
 *
 * @param cylinders those that were read
 * @param byTester the last reading of each cylinder on each tester, where more than one tester was used
 * @param passes what readings with oil and at a second pressure say
 * @param comparable whether areas could be computed for all of them; otherwise only a ranking within the engine
 */
public record LeakdownAnalysis(
        Map<CylinderNumber, CylinderLeak> cylinders,
        boolean comparable,
        List<ReadingFault> faults,
        List<CrossCheck> crossChecks,
        List<Finding> passes,
        List<TesterReading> byTester)
        implements Worded {
    public static final LeakdownAnalysis NONE =
            new LeakdownAnalysis(Map.of(), true, List.of(), List.of(), List.of(), List.of());

    /** One cylinder on one tester. */
    public record TesterReading(
            String tester, CylinderNumber cylinder, double percent, Optional<Estimate<LeakArea>> area) {}

    public Optional<CylinderLeak> at(CylinderNumber cylinder) {
        return Optional.ofNullable(cylinders.get(cylinder));
    }

    public Optional<CrossCheck> crossCheck(CylinderNumber cylinder) {
        return crossChecks.stream().filter(c -> c.cylinder().equals(cylinder)).findFirst();
    }
}
