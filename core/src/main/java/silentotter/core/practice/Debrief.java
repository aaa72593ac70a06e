package silentotter.core.practice;

import java.util.List;
import silentotter.core.fault.Family;
import silentotter.core.wording.Worded;

/**
 * What the evidence said, told afterwards.
 *
 * @param truth what was wrong, in words
 * @param faults the families that were there; empty for a sound engine
 * @param named whether the verdict was right
 * @param score natural logarithm of the probability that the verdict gave to what came true; 0 is best, and a guess between two
 *     is worth -0.69
 * @param stated what was said, in words
 * @param leading what this tool would have led with after the same tests, in words
 * @param given what it then gave the truth, 0 to 1
 * @param steps test by test
 * @param slips what was read wrongly or done wrongly, in sentences
 * @param skipped what would have told more, in sentences
 * @param route the planner's, step by step
 * @param routeMinutes that it takes
 * @param minutes that were spent
 * @param teaches the one thing; empty of a case that nobody made
 */
public record Debrief(
        String truth,
        List<Family> faults,
        boolean named,
        double score,
        String stated,
        String leading,
        double given,
        List<Step> steps,
        List<String> slips,
        List<String> skipped,
        List<RouteStep> route,
        double routeMinutes,
        double minutes,
        String title,
        String teaches)
        implements Worded {

    /**
     * One test as it was done, with what it was worth then: as a careful workshop would have read it.
     *
     * @param leading what led afterwards, in words
     * @param before what the truth was given before it, 0 to 1
     * @param after and after it
     * @param bits by how much the truth gained: one bit doubles its odds
     */
    public record Step(String text, double minutes, String leading, double before, double after, double bits)
            implements Worded {}

    /** A step that the planner would have taken, each replanned after the one before. */
    public record RouteStep(String text, double minutes, double given) {}
}
