package silentotter.core.finding;

import java.util.List;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.wording.Worded;

/**
 * A reason, seen by a rule beside the model, to distrust readings or to widen what is said from them. None of them is a
 * fault of the engine.
 *
 * @param cylinders those affected; empty for all that this test read
 * @param text what was seen and what it does to the result
 * @param remedy the cheapest way to settle it
 */
public record ReadingFault(ReadingFaultKind kind, Test test, List<CylinderNumber> cylinders, String text, String remedy)
        implements Worded {

    /** Which readings are meant. */
    public enum Test {
        COMPRESSION,
        WET,
        LEAKDOWN
    }

    public ReadingFault {
        cylinders = List.copyOf(cylinders);
    }
}
