package silentotter.core.leakdown;

import java.util.List;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.wording.Worded;

/**
 * A reason to distrust leak-down readings.
 *
 * @param cylinders those affected; empty for all
 * @param undermines whether a verdict on them has to wait
 * @param remedy the cheapest way to settle it
 */
public record LeakdownFault(String kind, List<CylinderNumber> cylinders, boolean undermines, String text, String remedy)
        implements Worded {}
