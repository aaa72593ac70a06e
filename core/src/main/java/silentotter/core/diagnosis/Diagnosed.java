package silentotter.core.diagnosis;

import java.util.Map;
import java.util.Set;
import silentotter.core.examination.TestKind;
import silentotter.core.fault.FaultAt;

/**
 * The answer, and what it is made of.
 *
 * @param places probability of each fault at each place where it can sit, 0 to 1; also of those that no row shows
 * @param tested what was done of the round
 */
public record Diagnosed(Diagnosis diagnosis, Map<FaultAt, Double> places, Set<TestKind> tested) {
    public Diagnosed {
        places = Map.copyOf(places);
        tested = Set.copyOf(tested);
    }
}
