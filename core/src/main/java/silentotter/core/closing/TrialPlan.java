package silentotter.core.closing;

import java.util.Optional;
import silentotter.core.wording.Labelled;

/**
 * A treatment or a repair that is tried, with what would show that it worked said before: afterwards something has always
 * moved.
 *
 * @param what is tried, in somebody's words
 * @param measure by which it will be judged
 * @param cylinder on which; empty for all together, or the whole engine
 * @param better by how much that has to get better, in per cent of what it is now, leak-down in points; 1 to 90
 * @param untilDate when it is over
 * @param untilHours on the meter, when it is over; 0 to 300 000
 * @param stopIf what ends it at once, in somebody's words
 */
public record TrialPlan(
        Optional<String> what,
        Optional<TrialMeasure> measure,
        Optional<Integer> cylinder,
        Optional<Double> better,
        Optional<String> untilDate,
        Optional<Double> untilHours,
        Optional<String> stopIf) {

    /** By what a trial can be judged. */
    public enum TrialMeasure implements Labelled {
        COMPRESSION,
        LEAKDOWN,
        BLOWBY_IDLE,
        BLOWBY_HELD,
        BLOWBY_LOADED,
        OIL_PER_DISTANCE,
        OIL_PER_HOUR
    }

    /** Whether it says enough to be judged; no getter, so that results do not show it. */
    public boolean complete() {
        return what.isPresent() && measure.isPresent() && better.isPresent();
    }
}
