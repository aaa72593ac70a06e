package silentotter.core.inference;

import java.util.Arrays;
import silentotter.core.inference.SealCase.Look;

/**
 * What plugs look like in a cylinder of each kind, as raw probabilities: dividing by those of a clean one would hide
 * whether the whole set runs dirty. Judgement from trade practice.
 */
final class PlugTable {
    private static final int CLEAN_TIDY = 0;
    private static final int CLEAN_DIRTY = 1;
    private static final int WEAK = 2;
    private static final int OILY = 3;
    private static final int WATER = 4;
    private static final int BROKEN = 5;
    private static final int BIG_VALVE = 6;

    /** Columns in the order of {@link Look}: sound, wet oil, ash, one-sided, steam, specks, fuel, soot, pale, worn. */
    private static final double[][] P = {
        {.74, .015, .012, .012, .003, .002, .012, .09, .055, .059},
        {.42, .08, .09, .03, .01, .008, .04, .20, .06, .062},
        {.40, .16, .16, .06, .005, .005, .02, .12, .03, .045},
        {.15, .34, .24, .07, .005, .01, .03, .12, .015, .02},
        {.30, .03, .03, .01, .42, .01, .04, .08, .04, .04},
        {.15, .30, .13, .03, .005, .22, .06, .09, .005, .01},
        {.36, .06, .05, .02, .005, .01, .22, .20, .03, .045},
    };

    /** The looks of one engine have much in common that the set state does not hold. */
    private static final double POWER = .85;

    private static final double[][] TEMPERED = tempered();

    static final double TIDY = .65;

    /** From this area on a leaking valve spoils the burning. */
    private static final double BIG = 4;
    /** From this area on a ring lets in enough oil to make a plug oily. */
    private static final double OILY_RING = 4;

    private PlugTable() {}

    /**
     * @param oilToAll whether oil reaches all cylinders from an engine-level cause
     * @param dirty whether the whole set runs dirty
     */
    static double ofState(Look look, int state, boolean oilToAll, boolean dirty) {
        return of(look, row(state, oilToAll, dirty));
    }

    static double ofLocalOil(Look look) {
        return of(look, OILY);
    }

    static double ofGasket(Look look, boolean oilToAll, boolean dirty) {
        return of(look, clean(oilToAll, dirty));
    }

    private static double of(Look look, int row) {
        return look == null ? 1 : TEMPERED[row][look.ordinal()];
    }

    private static double[][] tempered() {
        double[][] tempered = new double[P.length][];
        for (int row = 0; row < P.length; row++) {
            tempered[row] = Arrays.stream(P[row]).map(p -> Math.pow(p, POWER)).toArray();
        }
        return tempered;
    }

    private static int clean(boolean oilToAll, boolean dirty) {
        return oilToAll ? WEAK : dirty ? CLEAN_DIRTY : CLEAN_TIDY;
    }

    /** Which row of the table a state looks up. */
    static int row(int state, boolean oilToAll, boolean dirty) {
        if (States.isIn(state, States.WATER)) {
            return WATER;
        }
        if (States.isIn(state, States.BROKEN)) {
            return BROKEN;
        }
        if (States.isIn(state, States.RING)) {
            return States.SIZE[state - States.RING] >= OILY_RING ? OILY : WEAK;
        }
        boolean valve = state >= States.EXHAUST && state < States.WATER;
        if (valve && States.SIZE[(state - States.EXHAUST) % States.SIZES] >= BIG) {
            return BIG_VALVE;
        }
        return clean(oilToAll, dirty);
    }
}
