package silentotter.core.hidden;

import java.util.List;
import java.util.Optional;
import silentotter.core.job.JobRecord;

/**
 * What a workshop wrote down of an engine, and what is true of it.
 *
 * @param falsified the reading that went wrong; empty where none did
 */
public record HiddenJob(long seed, JobRecord record, List<HiddenFault> faults, Optional<Falsified> falsified) {

    /**
     * A reading that is not what it should be.
     *
     * @param test COMPRESSION or LEAKDOWN
     * @param cylinders by number; two where they were exchanged
     * @param moved how far off the reading is, in standard deviations of its own test
     */
    public record Falsified(String test, List<Integer> cylinders, String how, double moved) {}
}
