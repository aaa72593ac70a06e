package silentotter.core.compression;

import java.util.List;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.wording.Worded;

/**
 * A reason to distrust readings, or to widen what is said from them.
 *
 * @param cylinders those affected; empty for the whole pass
 * @param text what was seen and what it does to the result
 * @param remedy the cheapest way to settle it
 */
public record ReadingFault(FaultKind kind, PassKind pass, List<CylinderNumber> cylinders, String text, String remedy)
        implements Worded {}
