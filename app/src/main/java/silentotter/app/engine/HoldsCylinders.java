package silentotter.app.engine;

import java.util.Set;

/** A part of a job that is written down by cylinder. An engine cannot lose a cylinder that any part holds something of. */
public interface HoldsCylinders {
    /** What it holds, such as "leak-down readings". */
    String held();

    /** The cylinders that it holds something of, over all jobs of an engine. */
    Set<Integer> cylindersHeld(long engineId);
}
