package silentotter.core.diagnosis;

import java.util.List;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.wording.Worded;

/**
 * A reading that may be wrong.
 *
 * @param kind the cause; empty where the reading is doubted and no cause stands out
 * @param probability that it is wrong, 0 to 1
 * @param named whether it is called wrong rather than worth repeating
 * @param remedy the cheapest repeat
 */
public record DoubtedReading(
        String test,
        List<CylinderNumber> cylinders,
        Optional<String> kind,
        double probability,
        boolean named,
        String text,
        String remedy)
        implements Worded {}
