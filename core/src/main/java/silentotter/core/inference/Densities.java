package silentotter.core.inference;

/**
 * The few densities that the likelihoods are made of. Student's t has four degrees of freedom throughout: readings of the
 * trade have heavier tails than a normal law, and with four both density and distribution are algebraic (any textbook).
 */
final class Densities {
    /** Five-point Gauss-Hermite rule for a standard normal variable (Abramowitz and Stegun 25.4.46, rescaled). */
    static final double[] NODES = {-2.8569700138728, -1.3556261799742, 0, 1.3556261799742, 2.8569700138728};

    static final double[] NODE_WEIGHTS = {
        0.0112574113277207, 0.2220759220056126, 0.5333333333333333, 0.2220759220056126, 0.0112574113277207
    };

    private static final double T4_PEAK = 0.375;

    private Densities() {}

    /** Student's t with four degrees of freedom and a scale. */
    static double t4(double distance, double scale) {
        double z = distance / scale;
        double q = 1 + z * z / 4;
        return T4_PEAK / (scale * q * q * Math.sqrt(q));
    }

    /** How likely such a variable stays below a value. */
    static double t4Below(double distance, double scale) {
        double z = distance / scale;
        double q = 1 + z * z / 4;
        return 0.5 + T4_PEAK * z / Math.sqrt(q) * (1 - z * z / (12 * q));
    }

    /** A uniform variable between two ends, blurred by such a scatter. */
    static double blurredUniform(double value, double from, double to, double scale) {
        return Math.max(0, t4Below(value - from, scale) - t4Below(value - to, scale)) / (to - from);
    }

    static double normal(double distance, double scale) {
        double z = distance / scale;
        return Math.exp(-z * z / 2) / (scale * Math.sqrt(2 * Math.PI));
    }

    /** Density of ln x at ln x = lnValue for a lognormal variable with this median. */
    static double lnNormal(double lnValue, double median, double lnSigma) {
        return normal(lnValue - Math.log(median), lnSigma);
    }

    static void normalise(double[] weights) {
        double sum = 0;
        for (double w : weights) {
            sum += w;
        }
        for (int i = 0; i < weights.length; i++) {
            weights[i] /= sum;
        }
    }
}
