package silentotter.core.oil;

import java.util.List;
import java.util.Optional;
import org.hipparchus.exception.MathIllegalArgumentException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
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
     * @return empty with fewer than two dips at different places, or where what was poured hides all that they say
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
        double[][] line = new double[n][INTERCEPT_AND_SLOPE];
        Whitening whitening = new Whitening();
        double poured = 0;
        int dip = 0;
        for (OilEntry e : log) {
            if (e.level().isPresent()) {
                // In errors of one dip and in spans, so that the numbers stay of one size whatever the stick.
                double[] white =
                        whitening.dip((e.level().getAsDouble() - poured) / dipSigma, 1, (e.at() - origin) / span);
                levels[dip] = white[0];
                line[dip++] = new double[] {white[1], white[2]};
            }
            if (dip > 0) {
                poured += e.poured();
                whitening.poured(POURED_SIGMA * e.added() / dipSigma);
                whitening.poured(POURED_SIGMA * e.removed() / dipSigma);
            }
        }
        try {
            RealMatrix x = new Array2DRowRealMatrix(line, false);
            RealVector y = new ArrayRealVector(levels, false);
            RealVector beta = new QRDecomposition(x).getSolver().solve(y);
            RealMatrix covariance =
                    new QRDecomposition(x.transposeMultiply(x)).getSolver().getInverse();
            double sigma = Math.sqrt(covariance.getEntry(1, 1)
                    * scatter(y.subtract(x.operate(beta)).toArray()));
            double rate = -beta.getEntry(1) * dipSigma / span;
            double reach = NINETY_FIVE * sigma * dipSigma / span;
            double last = (log.get(log.size() - 1).at() - origin) / span;
            double level = (beta.getEntry(0) + beta.getEntry(1) * last) * dipSigma + poured;
            return Optional.of(new OilRate(new Estimate<>(rate - reach, rate, rate + reach), level, span));
        } catch (MathIllegalArgumentException singular) {
            // So much was poured between the dips that nothing can be told from them.
            return Optional.empty();
        }
    }

    /**
     * Takes the correlation out of the dips, one after the other, so that ordinary least squares does the rest: what is
     * known of the poured error so far is taken off, and what is left is scaled to one (the innovations of R. E. Kalman,
     * J. Basic Eng. 82, 1960). All in errors of one dip; the same filter runs over each column.
     */
    private static final class Whitening {
        private final double[] known = new double[1 + INTERCEPT_AND_SLOPE];
        private double unknown;

        void poured(double sigma) {
            unknown += sigma * sigma;
        }

        double[] dip(double... columns) {
            double all = unknown + 1;
            double[] white = new double[columns.length];
            for (int i = 0; i < columns.length; i++) {
                double news = columns[i] - known[i];
                white[i] = news / Math.sqrt(all);
                known[i] += unknown / all * news;
            }
            unknown /= all;
            return white;
        }
    }

    /** How much wider the dips lie about the line than their own error: then the stick was read worse than was said. */
    private static double scatter(double[] residuals) {
        int free = residuals.length - INTERCEPT_AND_SLOPE;
        if (free < 2) {
            return 1;
        }
        double sum = 0;
        for (double r : residuals) {
            sum += r * r;
        }
        double ratio = sum / free;
        // A little more is chance; only clearly more is a worse stick.
        return ratio > 1 + 2 * Math.sqrt(2.0 / free) ? ratio : 1;
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
