package silentotter.core.inference;

/**
 * The grids of what all cylinders share: ring area of a sound one, static to cranking, bias of the tester, and the
 * reading without a leak. What no test speaks of is one point.
 */
final class Shared {
    /** Ring area of every sound cylinder. */
    static final double[] W = {.08, .13, .2, .3, .45, .7, 1.1, 1.7, 2.6, 4.0};

    private static final double USUAL_MEDIAN = .27;
    private static final double USUAL_LN_SIGMA = .42;
    private static final double WORN_MEDIAN = 1.25;
    private static final double WORN_LN_SIGMA = .5;

    private static final double[] U_SIGMAS = {-1.5, -.75, 0, .75, 1.5};
    private static final double[] B_SIGMAS = {-1.6, -.8, 0, .8, 1.6};
    private static final double[] ONE_POINT = {0};

    private static final double S_FROM = -1.0;
    private static final double S_STEP = .025;
    private static final int S_POINTS = 59;
    /** Behind wrong timing or a shut throttle a sound cylinder reads this much less, and nobody knows how much exactly. */
    static final double LOW_LEVEL = Math.log(.70);

    static final double LOW_LEVEL_SIGMA = .22;

    final double[] lnW;
    final double[] even;
    final double[] u;
    final double[] lnU;
    final double[] b;
    final double[] lnB;
    final double[] s;
    final double[] lnS;
    final double[] low;

    Shared(SealCase of, double pEven, double pLow) {
        lnW = new double[W.length];
        even = new double[W.length];
        for (int i = 0; i < W.length; i++) {
            double usual = (1 - pEven) * Densities.lnNormal(Math.log(W[i]), USUAL_MEDIAN, USUAL_LN_SIGMA);
            double worn = pEven * Densities.lnNormal(Math.log(W[i]), WORN_MEDIAN, WORN_LN_SIGMA);
            lnW[i] = usual + worn;
            even[i] = worn / (usual + worn);
        }
        toLogs(lnW);
        SealCase.Compression c = of.compression();
        u = c == null ? ONE_POINT : scaled(U_SIGMAS, c.lnStaticSigma());
        lnU = c == null ? new double[1] : standardNormal(U_SIGMAS);
        b = of.leakdown() == null ? ONE_POINT : scaled(B_SIGMAS, of.leakdown().lnBiasSigma());
        lnB = of.leakdown() == null ? new double[1] : standardNormal(B_SIGMAS);
        s = new double[c == null ? 1 : S_POINTS];
        lnS = new double[s.length];
        low = new double[s.length];
        if (c == null) {
            low[0] = pLow;
        } else {
            for (int i = 0; i < S_POINTS; i++) {
                double off = S_FROM + i * S_STEP;
                double usual = (1 - pLow) * Densities.normal(off, c.lnLevelSigma());
                double lowered = pLow * Densities.normal(off - LOW_LEVEL, Math.hypot(LOW_LEVEL_SIGMA, lessUsual(c)));
                s[i] = c.curve().lnTight() + off;
                lnS[i] = usual + lowered;
                low[i] = lowered / (usual + lowered);
            }
            toLogs(lnS);
        }
    }

    /** A level that is less certain than usual also blurs the low one. */
    private static double lessUsual(SealCase.Compression c) {
        return Math.max(0, c.lnLevelSigma() - .13);
    }

    private static double[] scaled(double[] sigmas, double by) {
        double[] result = new double[sigmas.length];
        for (int i = 0; i < sigmas.length; i++) {
            result[i] = sigmas[i] * by;
        }
        return result;
    }

    private static double[] standardNormal(double[] sigmas) {
        double[] p = new double[sigmas.length];
        for (int i = 0; i < sigmas.length; i++) {
            p[i] = Densities.normal(sigmas[i], 1);
        }
        toLogs(p);
        return p;
    }

    private static void toLogs(double[] p) {
        Densities.normalise(p);
        for (int i = 0; i < p.length; i++) {
            p[i] = Math.log(Math.max(1e-300, p[i]));
        }
    }
}
