package silentotter.core.inference;

import silentotter.core.fault.Cause;

/**
 * What one cylinder can be like: a kind of fault and how large it is, on one grid of sizes for all kinds. Areas are
 * effective, at rest, in mm² at a bore of 90 mm.
 */
final class States {
    static final int SIZES = 18;
    static final double SMALLEST = .15;
    static final double LARGEST = 45;

    static final int SOUND = 0;
    static final int RING = 1;
    static final int BROKEN = RING + SIZES;
    static final int EXHAUST = BROKEN + SIZES;
    static final int INTAKE = EXHAUST + SIZES;
    static final int HELD = INTAKE + SIZES;
    static final int WATER = HELD + SIZES;
    static final int MOTION = WATER + SIZES;
    static final int COUNT = MOTION + 1;

    /** Areas of the grid. */
    static final double[] SIZE = sizes();
    /** Their natural logarithms. */
    static final double[] LN_SIZE = logs(SIZE);

    /** How large each kind of fault usually is: from the median and the spread of its logarithm. Trade practice. */
    private record Usual(Cause cause, int first, double[] sizes) {}

    private static final Usual[] KINDS = {
        new Usual(Cause.RING, RING, prior(2.0, .75)),
        new Usual(Cause.BROKEN, BROKEN, prior(7, .8)),
        new Usual(Cause.EXHAUST_VALVE, EXHAUST, prior(2.3, .9)),
        new Usual(Cause.INTAKE_VALVE, INTAKE, prior(2.3, .9)),
        new Usual(Cause.VALVE_HELD, HELD, prior(3.5, 1)),
        new Usual(Cause.WATER, WATER, prior(.6, .9)),
    };

    /** How likely each size of a gasket fault is. */
    static final double[] GASKET_SIZE = prior(3.0, .8);

    private States() {}

    /** Prior of every state of one cylinder; local oil faults are laid over it later. */
    static double[] prior(double[] causes) {
        double[] p = new double[COUNT];
        double sound = 1;
        for (Usual k : KINDS) {
            double of = causes[k.cause().ordinal()];
            double[] size = k.sizes();
            for (int s = 0; s < SIZES; s++) {
                p[k.first() + s] = of * size[s];
            }
            sound -= of;
        }
        p[MOTION] = causes[Cause.VALVE_NOT_OPENING.ordinal()];
        p[SOUND] = Math.max(.01, sound - p[MOTION]);
        return p;
    }

    /** The first state of a cause that has sizes. */
    static int firstOf(Cause cause) {
        for (Usual k : KINDS) {
            if (k.cause() == cause) {
                return k.first();
            }
        }
        throw new IllegalArgumentException("no sizes of " + cause);
    }

    /** Area of a state that has a size. */
    static double sizeOf(int state) {
        return SIZE[(state - RING) % SIZES];
    }

    static boolean isIn(int state, int kind) {
        return state >= kind && state < kind + SIZES;
    }

    private static double[] prior(double median, double lnSigma) {
        double[] p = new double[SIZES];
        for (int s = 0; s < SIZES; s++) {
            p[s] = Densities.lnNormal(LN_SIZE[s], median, lnSigma);
        }
        Densities.normalise(p);
        return p;
    }

    private static double[] sizes() {
        double[] size = new double[SIZES];
        for (int i = 0; i < SIZES; i++) {
            size[i] = SMALLEST * Math.pow(LARGEST / SMALLEST, i / (SIZES - 1.0));
        }
        return size;
    }

    private static double[] logs(double[] values) {
        double[] result = new double[values.length];
        for (int i = 0; i < values.length; i++) {
            result[i] = Math.log(values[i]);
        }
        return result;
    }
}
