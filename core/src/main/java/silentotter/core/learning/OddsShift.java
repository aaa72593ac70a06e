package silentotter.core.learning;

import java.util.List;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * By how much the odds of something have to move, all alike, for what was said to agree with what was so.
 *
 * <p>Method: posterior mode of a shift of the log odds, and its width by the curvature there (Laplace). The starting value
 * enters as counts: {@code starts} cases of the fault and as many without it as the starting probability says. With nothing
 * tested this is the count of a beta distribution. With tests each outcome is held against the odds that its own tests
 * gave, so that engines that were opened because they looked bad do not teach that engines are bad.
 *
 * @param shift of the natural log odds
 * @param error standard deviation of the shift
 */
record OddsShift(double shift, double error) {
    private static final double FARTHEST = 6;
    private static final double ACCURACY = 1e-9;
    private static final int MOST_STEPS = 200;
    private static final double TINY = 1e-6;

    /** One outcome. @param probability that was given before it was known, 0 to 1 @param weight 0 to 1 */
    record Case(double probability, boolean so, double weight) {}

    /**
     * @param start the probability before any outcome, above 0 and below 1
     * @param starts for how many cases of the fault it counts, above 0
     */
    static OddsShift of(double start, double starts, List<Case> cases) {
        double with = starts;
        double without = starts * (1 - start) / start;
        return solved(logit(start), with, without, cases);
    }

    /** The same around an even start: as many cases for as against. @param counts both together */
    static OddsShift aroundNothing(double counts, List<Case> cases) {
        return solved(0, counts / 2, counts / 2, cases);
    }

    private static OddsShift solved(double base, double with, double without, List<Case> cases) {
        double[] odds = cases.stream().mapToDouble(c -> logit(c.probability())).toArray();
        double shift = new BracketingNthOrderBrentSolver(ACCURACY, 5)
                .solve(MOST_STEPS, d -> slope(d, base, with, without, odds, cases), -FARTHEST, FARTHEST, 0);
        double curvature = (with + without) * spread(base + shift);
        for (int i = 0; i < odds.length; i++) {
            curvature += cases.get(i).weight() * spread(odds[i] + shift);
        }
        return new OddsShift(shift, 1 / Math.sqrt(curvature));
    }

    /** Falls with the shift, so it has one root. */
    private static double slope(double d, double base, double with, double without, double[] odds, List<Case> cases) {
        double p = logistic(base + d);
        double slope = with * (1 - p) - without * p;
        for (int i = 0; i < odds.length; i++) {
            Case c = cases.get(i);
            slope += c.weight() * ((c.so() ? 1 : 0) - logistic(odds[i] + d));
        }
        return slope;
    }

    private static double spread(double logOdds) {
        double p = logistic(logOdds);
        return p * (1 - p);
    }

    static double logit(double p) {
        double q = Math.max(TINY, Math.min(1 - TINY, p));
        return Math.log(q / (1 - q));
    }

    static double logistic(double logOdds) {
        return 1 / (1 + Math.exp(-logOdds));
    }
}
