package silentotter.core.inference;

/**
 * How loud a leak is where it comes out, by its flow of free air. Judgement from trade practice: the workshop is not
 * quiet, the ear is not a meter.
 */
final class Listening {
    static final int INTAKE = 0;
    static final int EXHAUST = 1;
    static final int CRANKCASE = 2;
    static final int COOLANT = 3;
    static final int NEIGHBOUR = 4;
    static final int PLACES = 5;

    private static final double[] LN_FLOW = logs(3, 9, 20, 45, 110);
    /** Rows: nothing, faint, clear, loud. */
    private static final double[][] P = {
        {.87, .56, .25, .10, .06}, {.10, .28, .33, .22, .12}, {.022, .13, .32, .44, .37}, {.008, .03, .10, .24, .45}
    };

    /** The far end of a long exhaust swallows much of it. */
    static final double EXHAUST_SHARE = .6;
    /** A two-stroke's rings also leak into its ports. */
    static final double PORT_SHARE = .5;

    /** Ears err together: what one place says is worth this power of itself. */
    private static final double POWER = .85;

    private static final double SURE = .96;
    private static final double SLIP = .01;

    private Listening() {}

    /**
     * Factor for what was heard at a place.
     *
     * @param flow free air that comes out there, L/min
     */
    static double factor(int place, int heard, double flow) {
        double p;
        if (place == COOLANT) {
            double bubbles = .02 + .68 * Math.min(1, flow / 8);
            p = heard > 0 ? bubbles : 1 - bubbles;
        } else {
            p = table(P[heard], flow);
        }
        return Math.pow(SURE * p + SLIP, POWER);
    }

    private static double table(double[] row, double flow) {
        double ln = Math.log(Math.max(.01, flow));
        if (ln <= LN_FLOW[0]) {
            return row[0];
        }
        for (int i = 1; i < LN_FLOW.length; i++) {
            if (ln <= LN_FLOW[i]) {
                double t = (ln - LN_FLOW[i - 1]) / (LN_FLOW[i] - LN_FLOW[i - 1]);
                return row[i - 1] + t * (row[i] - row[i - 1]);
            }
        }
        return row[row.length - 1];
    }

    private static double[] logs(double... flows) {
        double[] ln = new double[flows.length];
        for (int i = 0; i < flows.length; i++) {
            ln[i] = Math.log(flows[i]);
        }
        return ln;
    }
}
