package silentotter.core.decision;

import java.util.List;
import java.util.Optional;
import silentotter.core.wording.Worded;

/**
 * One course, weighed.
 *
 * @param cost of the work, parts and standing, in the shop's money
 * @param hours of work
 * @param expectedLoss that cost and what it leaves, on the mean
 * @param cures probability that nothing is left that this engine has, 0 to 1
 * @param leaves what it would leave, likeliest first; of a trial, what the course after it would
 * @param says what it is, in plain words for the owner
 * @param watch what to look at and when, or when to stop; empty where there is nothing
 * @param forbidden why it is out of the question whatever it costs
 */
public record Option(
        Repair action,
        boolean withService,
        double cost,
        double hours,
        double expectedLoss,
        double cures,
        List<String> leaves,
        String says,
        Optional<String> watch,
        Optional<String> forbidden,
        boolean recommended)
        implements Worded {
    private static final double NEARLY_ALL = .985;

    /** In how many of a hundred engines that measure like this it leaves nothing wrong. */
    public String curesInWords() {
        return cures >= NEARLY_ALL ? "nearly all" : Math.round(100 * cures) + " of a hundred";
    }
}
