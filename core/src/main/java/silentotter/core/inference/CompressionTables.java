package silentotter.core.inference;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;

/**
 * Likelihood of one cylinder's cranking reading, dry and wet together, for every size of leak. What the engine's shared
 * ring area and its static-to-cranking factor do to the area is worked out once for all cylinders.
 *
 * <p>A ring leak and the leak of a sound cylinder count for .8 of what they are at rest, a valve's for all of it; each is
 * then scattered, since most of the cranking leak happens well down the bore.
 */
final class CompressionTables {
    /** Ways in which a reading can come about; their sum is its likelihood. */
    static final int OK = 0;

    static final int ADAPTER = 1;
    static final int UNIT = 2;
    static final int MISTYPED = 3;
    static final int PARTS = 4;

    private static final double P_ADAPTER = .03;
    private static final double P_UNIT = .012;
    private static final double P_MISTYPED = .004;
    /**
     * An adapter that does not seal seldom fails to seal by as much a second time, and nobody mistypes the same twice; down
     * to this, since a damaged thread leaks every time. Judged.
     */
    private static final double SLIPS_AGAIN = .1;

    private static final double SLIPS_AT_LEAST = .02;

    private static final double[] RETENTION_WEIGHT = {.25, .45, .3};
    /** What oil leaves of a ring leak. */
    private static final double[] SEALED = {.2, .4, .7};

    private static final double[] SEALED_WEIGHT = {.3, .45, .25};
    private static final double RISE_SHARE = .10;
    private static final double RISE_OUTLIER = .03;
    private static final double RISE_DENSITY = .5;

    static final double RING_SHARE = .8;
    static final double RING_HOT = .35;
    static final double RING_COLD = .48;
    static final double VALVE_HOT = .22;
    static final double VALVE_COLD = .36;
    static final double SISTERS = .28;

    private static final double ADAPTER_FROM = -1.2;
    private static final double ADAPTER_TO = -.05;
    private static final double UNIT_SIGMA = .04;
    private static final double MISTYPED_DENSITY = .15;
    /** A valve that does not open lets less in: ln of the share that is left. */
    static final double MOTION_FROM = -2.1;

    static final double MOTION_TO = -.12;
    private static final double[] LN_UNITS = lnUnits(6.895, 10, 14.5, 100, 1.45);

    private static final int X = Densities.NODES.length;
    private static final int SIZES = States.SIZES;

    private final SealCase.Compression test;
    private final Shared shared;
    /** ln share by (w, u, size, node): ring-like, valve-like; sound by (w, u, node). */
    private final double[] ring;

    private final double[] valve;
    private final double[] sound;
    private final Mixture[] mixtures;

    CompressionTables(SealCase.Compression test, Shared shared) {
        this.test = test;
        this.shared = shared;
        int wu = Shared.W.length * shared.u.length;
        ring = new double[wu * SIZES * X];
        valve = new double[wu * SIZES * X];
        sound = new double[wu * X];
        mixtures = IntStream.range(0, test.lnKPa().length)
                .mapToObj(c -> read(c) ? new Mixture(test.sigma()[c], test.attempts()[c]) : null)
                .toArray(Mixture[]::new);
        fill(test.curve());
    }

    private double ringSigma() {
        return test.hot() ? RING_HOT : RING_COLD;
    }

    private double valveSigma() {
        return test.hot() ? VALVE_HOT : VALVE_COLD;
    }

    private void fill(GaugeCurve curve) {
        int wu = 0;
        for (double w : Shared.W) {
            for (double u : shared.u) {
                for (int x = 0; x < X; x++) {
                    double node = Densities.NODES[x];
                    sound[wu * X + x] =
                            curve.lnShare(Math.log(RING_SHARE * w) + u + Math.hypot(ringSigma(), SISTERS) * node);
                    double scattered = Math.exp(valveSigma() * node);
                    for (int s = 0; s < SIZES; s++) {
                        int at = (wu * SIZES + s) * X + x;
                        ring[at] = curve.lnShare(Math.log(RING_SHARE * (w + States.SIZE[s])) + u + ringSigma() * node);
                        valve[at] = curve.lnShare(Math.log(States.SIZE[s] * scattered + RING_SHARE * w) + u);
                    }
                }
                wu++;
            }
        }
    }

    /** What is likely of one part of the mixture, prior share included. @param off ln reading less ln predicted */
    private static double part(int part, double off, double sigma, boolean floor, double[] prior) {
        if (floor) {
            // The needle stood at the end of its scale: all that is above it reads the same.
            return part == OK ? prior[OK] * Densities.t4Below(-off, sigma) : part == MISTYPED ? prior[MISTYPED] : 0;
        }
        return prior[part]
                * switch (part) {
                    case OK -> Densities.t4(off, sigma);
                    case ADAPTER -> Densities.blurredUniform(off, ADAPTER_FROM, ADAPTER_TO, sigma);
                    case UNIT -> UNITS.at(off);
                    default -> MISTYPED_DENSITY;
                };
    }

    private static double unit(double off) {
        double sum = 0;
        for (double ln : LN_UNITS) {
            sum += Densities.t4(off - ln, UNIT_SIGMA);
        }
        return sum / LN_UNITS.length;
    }

    /**
     * What is likely of a reading by how far it is off, all parts of the mixture together: finely where a right reading
     * peaks, coarsely where only wrong ones are left. Read from tables it is as exact as anybody can want (worst 2 in a
     * thousand) and three times as fast.
     */
    private final class Mixture {
        private static final double REACH = 6;
        private static final double PER = 100;
        private static final double NEAR = .5;
        private static final double NEAR_PER = 800;
        /** Of each part. */
        private final double[] prior;

        private final double[] far;
        private final double[] near;

        /** @param attempts at this cylinder that agree */
        Mixture(double sigma, int attempts) {
            double slips = Math.max(SLIPS_AT_LEAST, Math.pow(SLIPS_AGAIN, attempts - 1.0));
            prior = new double[] {
                1 - slips * (P_ADAPTER + P_MISTYPED) - P_UNIT, slips * P_ADAPTER, P_UNIT, slips * P_MISTYPED
            };
            far = table(sigma, REACH, PER);
            near = table(sigma, NEAR, NEAR_PER);
        }

        private double[] table(double sigma, double reach, double per) {
            double[] p = new double[(int) (2 * reach * per) + 2];
            for (int i = 0; i < p.length; i++) {
                double off = i / per - reach;
                for (int part = 0; part < PARTS; part++) {
                    p[i] += part(part, off, sigma, false, prior);
                }
            }
            return p;
        }

        double at(double off) {
            return Math.abs(off) < NEAR ? read(near, (off + NEAR) * NEAR_PER) : farAt(off);
        }

        private double farAt(double off) {
            double x = (off + REACH) * PER;
            return x > 0 && x < far.length - 1 ? read(far, x) : prior[MISTYPED] * MISTYPED_DENSITY;
        }

        private static double read(double[] table, double x) {
            int i = (int) x;
            return table[i] + (x - i) * (table[i + 1] - table[i]);
        }
    }

    /** A wrong unit, by how far the reading is off: the same for every gauge. */
    private static final class Units {
        private static final double REACH = 6;
        private static final double PER = 400;
        private final double[] p = new double[(int) (2 * REACH * PER) + 2];

        Units() {
            for (int i = 0; i < p.length; i++) {
                p[i] = unit(i / PER - REACH);
            }
        }

        double at(double off) {
            double x = Math.max(0, Math.min((off + REACH) * PER, p.length - 2.0));
            int i = (int) x;
            return p[i] + (x - i) * (p[i + 1] - p[i]);
        }
    }

    private static final Units UNITS = new Units();

    private double all(double off, double sigma, boolean floor, Mixture mixture) {
        return floor
                ? part(OK, off, sigma, true, mixture.prior) + part(MISTYPED, off, sigma, true, mixture.prior)
                : mixture.at(off);
    }

    /** A quick likelihood of a reading at one point, with one kind of fault for all: only to see which points matter. */
    double rough(int cylinder, int wu, double lnTight, double[] sizePrior, double pFault) {
        double y = test.lnKPa()[cylinder] - lnTight;
        double sigma = test.sigma()[cylinder];
        boolean floor = test.floor()[cylinder];
        Mixture mixture = mixtures[cylinder];
        double p = 0;
        for (int x = 0; x < X; x++) {
            p += (1 - pFault) * Densities.NODE_WEIGHTS[x] * all(y - sound[wu * X + x], sigma, floor, mixture);
        }
        for (int s = 0; s < SIZES; s++) {
            p += pFault * sizePrior[s] * all(y - valve[(wu * SIZES + s) * X + X / 2], sigma, floor, mixture);
        }
        return p;
    }

    boolean read(int cylinder) {
        return !Double.isNaN(test.lnKPa()[cylinder]);
    }

    /**
     * What is looked at of a cylinder's reading: all of it, one part of the mixture, or it without the wet one.
     *
     * @param readingOf the cylinder whose reading is taken for this one's
     */
    record View(int cylinder, int readingOf, int part, boolean wet) {
        static final int ALL = -1;

        static View usual(int cylinder) {
            return new View(cylinder, cylinder, ALL, true);
        }

        /** The reading of another cylinder written down for this one. */
        static View exchanged(int cylinder, int from) {
            return new View(cylinder, from, ALL, true);
        }
    }

    /** Factors of a wet reading by (w, u, size, node) and for a sound cylinder; free of the level. */
    private final class WetFactors {
        final double[] ringFactor = new double[ring.length];
        final double[] valveFactor = new double[valve.length];
        final double[] soundFactor = new double[sound.length];

        private final SealCase.Wet wet;
        private final boolean[] known = new boolean[Shared.W.length * shared.u.length];

        WetFactors(SealCase.Wet wet) {
            this.wet = wet;
        }

        /** Works out one point of (w, u): few of all are ever asked for. */
        synchronized void know(int wu) {
            if (known[wu]) {
                return;
            }
            known[wu] = true;
            double w = Shared.W[wu / shared.u.length];
            double factor = Math.exp(shared.u[wu % shared.u.length]);
            for (int x = 0; x < X; x++) {
                double node = Densities.NODES[x];
                double scatter = Math.exp(Math.hypot(ringSigma(), SISTERS) * node);
                soundFactor[wu * X + x] = of(RING_SHARE * w * factor * scatter, 0, sound[wu * X + x]);
                double rings = Math.exp(ringSigma() * node);
                double valves = Math.exp(valveSigma() * node);
                for (int s = 0; s < SIZES; s++) {
                    int at = (wu * SIZES + s) * X + x;
                    double size = States.SIZE[s];
                    ringFactor[at] = of(RING_SHARE * (w + size) * factor * rings, 0, ring[at]);
                    valveFactor[at] = of(RING_SHARE * w * factor, size * factor * valves, valve[at]);
                }
            }
        }

        /** @param sealable area that oil seals in part; @param other area that it does not */
        private double of(double sealable, double other, double lnDry) {
            double p = 0;
            for (int f = 0; f < SEALED.length; f++) {
                double lnArea = Math.log(sealable * SEALED[f] + other);
                for (int r = 0; r < SealCase.RETENTION.length; r++) {
                    double rise = Math.exp(wet.curves()[r].lnShare(lnArea)
                                    + wet.curves()[r].lnTight()
                                    - lnDry
                                    - test.curve().lnTight())
                            - 1;
                    double sigma = wet.sigma() + RISE_SHARE * Math.abs(rise);
                    p += SEALED_WEIGHT[f] * RETENTION_WEIGHT[r] * Densities.t4(wet.rise() - rise, sigma);
                }
            }
            return (1 - RISE_OUTLIER) * p + RISE_OUTLIER * RISE_DENSITY;
        }
    }

    private final Map<Integer, WetFactors> wetFactors = new ConcurrentHashMap<>();

    private WetFactors wet(View view) {
        SealCase.Wet[] wet = test.wet();
        if (!view.wet() || wet == null || wet[view.cylinder()] == null) {
            return null;
        }
        SealCase.Wet own = wet[view.cylinder()];
        return wetFactors.computeIfAbsent(view.cylinder(), c -> new WetFactors(own));
    }

    /** Likelihoods at one point of the shared grid: ring-like and valve-like by size, then sound and motion. */
    static final class Column {
        final double[] ringLike = new double[SIZES];
        final double[] valveLike = new double[SIZES];
        double sound;
        double motion;
    }

    void fill(View view, int wu, double lnTight, Column into) {
        WetFactors wet = wet(view);
        if (wet != null) {
            wet.know(wu);
        }
        double y = test.lnKPa()[view.readingOf()] - lnTight;
        double sigma = test.sigma()[view.readingOf()];
        boolean floor = test.floor()[view.readingOf()];
        Mixture mixture = mixtures[view.readingOf()];
        double p = 0;
        double motion = 0;
        for (int x = 0; x < X; x++) {
            double off = y - sound[wu * X + x];
            double weight = Densities.NODE_WEIGHTS[x] * (wet == null ? 1 : wet.soundFactor[wu * X + x]);
            p += weight * at(view.part(), off, sigma, floor, mixture);
            motion += weight * motion(view.part(), off, sigma, floor, mixture.prior);
        }
        into.sound = p;
        into.motion = motion;
        for (int s = 0; s < SIZES; s++) {
            int at = (wu * SIZES + s) * X;
            double r = 0;
            double v = 0;
            for (int x = 0; x < X; x++) {
                double weight = Densities.NODE_WEIGHTS[x];
                r += weight
                        * (wet == null ? 1 : wet.ringFactor[at + x])
                        * at(view.part(), y - ring[at + x], sigma, floor, mixture);
                v += weight
                        * (wet == null ? 1 : wet.valveFactor[at + x])
                        * at(view.part(), y - valve[at + x], sigma, floor, mixture);
            }
            into.ringLike[s] = r;
            into.valveLike[s] = v;
        }
    }

    private double at(int part, double off, double sigma, boolean floor, Mixture mixture) {
        return part == View.ALL ? all(off, sigma, floor, mixture) : part(part, off, sigma, floor, mixture.prior);
    }

    /** The mixture where the valve lets in less: only what is read rightly changes. */
    private double motion(int part, double off, double sigma, boolean floor, double[] prior) {
        double p = 0;
        if (part == View.ALL || part == OK) {
            p += prior[OK]
                    * (floor
                            ? Densities.t4Below(-(off - MOTION_TO / 2), sigma)
                            : Densities.blurredUniform(off, MOTION_FROM, MOTION_TO, sigma));
        }
        if (part == View.ALL || part == MISTYPED) {
            p += prior[MISTYPED] * (floor ? 1 : MISTYPED_DENSITY);
        }
        return p;
    }

    private static double[] lnUnits(double... factors) {
        double[] ln = new double[2 * factors.length];
        for (int i = 0; i < factors.length; i++) {
            ln[2 * i] = Math.log(factors[i]);
            ln[2 * i + 1] = -ln[2 * i];
        }
        return ln;
    }
}
