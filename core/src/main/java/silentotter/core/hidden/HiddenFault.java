package silentotter.core.hidden;

import java.util.List;
import silentotter.core.fault.Family;
import silentotter.core.fault.Fault;

/**
 * A fault that is there.
 *
 * @param cylinders where, by number; empty for the whole engine
 * @param size area of the leak at rest, mm² at 90 mm bore; share of filling that is lost for a valve that does not open; 1
 *     otherwise
 */
public record HiddenFault(Fault fault, List<Integer> cylinders, double size) {
    /** Of which row of an answer it is. */
    public Family family() {
        return fault.family().orElseThrow();
    }

    boolean at(int cylinder) {
        return cylinders.contains(cylinder);
    }
}
