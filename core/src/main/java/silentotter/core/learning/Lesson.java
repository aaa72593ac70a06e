package silentotter.core.learning;

import java.util.List;
import java.util.Optional;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.Learnt;

/**
 * What a shop's outcomes say, and from what.
 *
 * @param moved what they move, strongest first; what would move by less than a tenth is left alone
 * @param jobs how many taught anything
 * @param rule by which it is learnt, in words
 */
public record Lesson(Learnt learnt, List<Moved> moved, int jobs, String rule) {

    /** What kind of figure moved. */
    public enum Figure {
        PRIOR,
        SIGN,
        NOISE
    }

    /**
     * One figure, before and after.
     *
     * @param what it is of, in words
     * @param kind of engine; empty where it counts for all
     * @param family of engine; empty where it counts for all
     * @param before and after a probability for a prior, a ratio for a sign, a factor for noise
     * @param low and high of after, 9 times in 10
     * @param cases how many outcomes it rests on
     * @param so in how many the fault was there; of noise the repeats
     * @param expected how many had been expected from what was said
     * @param jobs numbers of the jobs
     */
    public record Moved(
            Figure figure,
            String what,
            Optional<EngineKind> kind,
            String family,
            double before,
            double after,
            double low,
            double high,
            int cases,
            int so,
            double expected,
            List<Long> jobs) {
        public Moved {
            jobs = List.copyOf(jobs);
        }
    }
}
