package silentotter.core.oil;

import java.util.List;
import java.util.Optional;
import org.hipparchus.stat.regression.GLSMultipleLinearRegression;
import silentotter.core.quantity.Estimate;

/**
 * How fast oil goes, by generalised least squares on the dips (A. C. Aitken, Proc. R. Soc. Edinburgh 55, 1935): the level
 * falls in a straight line, top-ups and drains are steps. Each dip errs by itself; what was poured wrongly stays wrong in
 * every later dip, so those are correlated.
 *
 * @param perUnit litres a unit of the axis, with its 95 % interval; below 0 where the level rose
 * @param levelNow litres from the full mark after the last line, as fitted
 * @param span from the first to the last dip, in units of the axis
 */
public record OilRate(Estimate<Double> perUnit, double levelNow, double span) {
    /** Two-sided 95 % of a normal distribution. */
    private static final double NINETY_FIVE = 1.96;
    /** One standard deviation of a poured or drained litre. */
    private static final double POURED_SIGMA = 0.03;

    private static final int INTERCEPT_AND_SLOPE = 2;

    /**
     * The rate of a log.
     *
     * @param log in the order of its axis
     * @param dipSigma one standard deviation of a dip, litres, above 0
     * @return empty with fewer than two dips at different places: one dip is no rate
     */
    public static Optional<OilRate> of(List<OilEntry> log, double dipSigma) {
        List<OilEntry> dips = log.stream().filter(e -> e.level().isPresent()).toList();
        int n = dips.size();
        if (n < 2 || dips.get(n - 1).at() <= dips.get(0).at()) {
            return Optional.empty();
        }
        double origin = dips.get(0).at();
        double span = dips.get(n - 1).at() - origin;
        double[] levels = new double[n];
        double[][] line = new double[n][1];
        double[] pouredVariance = new double[n];
        double poured = 0;
        double variance = 0;
        int dip = 0;
        for (OilEntry e : log) {
            if (e.level().isPresent()) {
                levels[dip] = e.level().getAsDouble() - poured;
                // In spans rather than kilometres: the numbers stay of one size.
                line[dip][0] = (e.at() - origin) / span;
                pouredVariance[dip++] = variance;
            }
            if (dip > 0) {
                poured += e.poured();
                variance += Math.pow(POURED_SIGMA * e.added(), 2) + Math.pow(POURED_SIGMA * e.removed(), 2);
            }
        }
        GLSMultipleLinearRegression fit = new GLSMultipleLinearRegression();
        fit.newSampleData(levels, line, covariance(dipSigma, pouredVariance));
        double[] beta = fit.estimateRegressionParameters();
        double slopeVariance = fit.estimateRegressionParametersVariance()[1][1];
        double scatter = Math.sqrt(Math.max(1, scatter(fit.estimateResiduals(), dipSigma, n)));
        double reach = NINETY_FIVE * Math.sqrt(slopeVariance) * scatter / span;
        double rate = -beta[1] / span;
        double last = (log.get(log.size() - 1).at() - origin) / span;
        return Optional.of(
                new OilRate(new Estimate<>(rate - reach, rate, rate + reach), beta[0] + beta[1] * last + poured, span));
    }

    private static double[][] covariance(double dipSigma, double[] pouredVariance) {
        int n = pouredVariance.length;
        double[][] covariance = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                covariance[i][j] = pouredVariance[Math.min(i, j)] + (i == j ? dipSigma * dipSigma : 0);
            }
        }
        return covariance;
    }

    /** How much wider the dips lie about the line than their own error: then the stick was read worse than was said. */
    private static double scatter(double[] residuals, double dipSigma, int n) {
        if (n <= INTERCEPT_AND_SLOPE + 1) {
            return 1;
        }
        double sum = 0;
        for (double r : residuals) {
            sum += r * r;
        }
        double ratio = sum / (n - INTERCEPT_AND_SLOPE) / (dipSigma * dipSigma);
        // A little more is chance; only clearly more is a worse stick.
        return ratio > 1 + 2 * Math.sqrt(2.0 / (n - INTERCEPT_AND_SLOPE)) ? ratio : 1;
    }

    /**
     * How far it is from now to a level, in units of the axis; the early edge first.
     *
     * @param level litres from the full mark
     * @return empty where the level does not surely fall
     */
    public Optional<Estimate<Double>> until(double level) {
        double left = Math.max(0, levelNow - level);
        return perUnit.low() > 0
                ? Optional.of(new Estimate<>(left / perUnit.high(), left / perUnit.best(), left / perUnit.low()))
                : Optional.empty();
    }
}
