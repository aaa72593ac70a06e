package silentotter.core.learning;

import java.util.List;
import java.util.Optional;
import silentotter.core.instruments.TesterDocument;
import silentotter.core.wording.Say;
import silentotter.core.wording.Worded;

/**
 * What repeated checks have taught of a tester. Those since it last changed count together: a check that lies apart from
 * those after it, beyond what checks repeat to, was of another tester or read wrong.
 *
 * <p>Method: mean of the logarithm of the orifice's area, weighted by how well each check tells it.
 *
 * @param checks how many count
 * @param left how many lie before the last change, and count no more
 * @param orificeMm what they say together
 * @param supplyKPa the same of the supply
 * @param offPercent by how much its area is larger than was stated; empty where nothing was
 * @param sigmaPercent one standard deviation of the area
 */
public record TesterBias(
        int checks,
        int left,
        double orificeMm,
        double supplyKPa,
        Optional<Double> offPercent,
        double sigmaPercent,
        String inWords)
        implements Worded {
    /** 99 % both ways. */
    private static final double APART = 2.576;

    /** @param checks oldest first, at least one */
    public static TesterBias of(List<BleedCheck> checks) {
        int from = checks.size() - 1;
        while (from > 0 && fits(checks.get(from - 1), checks.subList(from, checks.size()))) {
            from--;
        }
        List<BleedCheck> counting = checks.subList(from, checks.size());
        double area = logArea(counting);
        double sigma = sigma(counting);
        double orifice = Math.exp(area / 2);
        Optional<Double> off = Optional.ofNullable(checks.get(0).statedMm())
                .map(stated -> 100 * Math.expm1(area - 2 * Math.log(stated)));
        return new TesterBias(
                counting.size(),
                from,
                orifice,
                Math.exp(counting.stream()
                        .mapToDouble(c -> Math.log(c.supplyKPa()))
                        .average()
                        .orElseThrow()),
                off,
                100 * sigma,
                inWords(counting.size(), from, off, sigma));
    }

    /** The tester as they say together. */
    public TesterDocument applied(TesterDocument tester) {
        return tester.calibratedTo(orificeMm, supplyKPa, checks);
    }

    private static boolean fits(BleedCheck earlier, List<BleedCheck> later) {
        double apart = Math.abs(earlier.logArea() - logArea(later));
        return apart <= APART * Math.hypot(earlier.sigma(), sigma(later));
    }

    private static double logArea(List<BleedCheck> checks) {
        double weights = 0;
        double sum = 0;
        for (BleedCheck c : checks) {
            double weight = 1 / (c.sigma() * c.sigma());
            weights += weight;
            sum += weight * c.logArea();
        }
        return sum / weights;
    }

    private static double sigma(List<BleedCheck> checks) {
        return 1
                / Math.sqrt(checks.stream()
                        .mapToDouble(c -> 1 / (c.sigma() * c.sigma()))
                        .sum());
    }

    private static String inWords(int counting, int left, Optional<Double> off, double sigma) {
        String known = (counting == 1 ? "Checked once" : "Checked " + counting + " times, together")
                + ": its orifice is known to ± " + Say.percent(2 * sigma);
        String against = off.map(o -> Math.abs(o) < 100 * 2 * sigma
                        ? ", and no other than was stated"
                        : ", and lets through " + Say.percent(Math.abs(o) / 100) + (o > 0 ? " more" : " less")
                                + " than was stated, which is taken off")
                .orElse("");
        return known + against + "."
                + (left == 0
                        ? ""
                        : " The check" + (left == 1 ? "" : "s") + " before " + (counting == 1 ? "it" : "them")
                                + " said another orifice and count" + (left == 1 ? "s" : "")
                                + " no more: it has changed, or one was read wrong. Check once more.");
    }
}
