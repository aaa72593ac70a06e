package silentotter.core.planning;

import java.util.Arrays;
import java.util.stream.IntStream;
import silentotter.core.inference.Played;
import silentotter.core.inference.SealCase.Look;

/**
 * What a test would say, in a few numbers, each in units of its own noise. They forget which cylinder it was: two outcomes
 * are alike when the same would be done about them.
 */
final class Summaries {
    /** Repeatability of leak-down at nothing, points, and what a reading adds to it. */
    private static final double LEAKDOWN_SIGMA = 1.8;

    private static final double LEAKDOWN_SHARE = .05;
    private static final double DROP_SIGMA = .05;
    private static final double LEVEL_SIGMA = .13;
    private static final double RISE_SIGMA = .06;
    private static final double BLOWBY_SIGMA = .5;
    private static final double OIL_SIGMA = .6;
    private static final int MOST_OILY = 3;

    private Summaries() {}

    static double[] of(PlannedTest test, Played p) {
        int[] at = test.at(p);
        return switch (test.test()) {
            case LOOK -> flags(p.outside(), p.breatherOil(), p.coolantLoss(), p.metal());
            case GAS_TEST -> flags(p.combustionGas(), p.bubbles());
            case SMOKE -> flags(p.standing(), p.load(), p.overrun(), p.warmWhite());
            case CRANKCASE -> flags(p.heldBelow());
            case BLOWBY -> new double[] {p.lnBlowby() / BLOWBY_SIGMA, p.asFound() ? 1 : 0};
            case OIL_TRIAL -> new double[] {p.lnOil() / OIL_SIGMA};
            case PLUGS -> plugs(p.looks());
            case INSIDE -> inside(p.camera(), at);
            case COMPRESSION -> compression(p.lnKPa(), at);
            case WET -> wet(p, at);
            case CLEARANCE ->
                new double[] {Arrays.stream(at).filter(c -> p.clearance()[c]).count()};
            case LEAKDOWN -> leakdown(p, at);
            case TAP ->
                new double[] {Arrays.stream(at).filter(c -> p.cameBack()[c]).count()};
        };
    }

    private static double[] flags(boolean... seen) {
        double[] flags = new double[seen.length];
        for (int i = 0; i < seen.length; i++) {
            flags[i] = seen[i] ? 1 : 0;
        }
        return flags;
    }

    private static double[] plugs(int[] looks) {
        long oily = count(looks, Look.OIL_WET) + count(looks, Look.ASH) + count(looks, Look.ONE_SIDED);
        return new double[] {
            Math.min(MOST_OILY, oily),
            oily == looks.length ? 1 : 0,
            Math.min(1, count(looks, Look.STEAM)),
            Math.min(1, count(looks, Look.SPECKS)),
            Math.min(1, count(looks, Look.FUEL))
        };
    }

    private static long count(int[] looks, Look look) {
        return Arrays.stream(looks).filter(l -> l == look.ordinal()).count();
    }

    private static double[] inside(boolean[][] camera, int[] at) {
        double[] seen = new double[Played.Inside.values().length];
        for (int c : at) {
            for (int i = 0; i < seen.length; i++) {
                seen[i] += camera[c][i] ? 1 : 0;
            }
        }
        return seen;
    }

    private static double[] compression(double[] lnKPa, int[] at) {
        double[] sorted = IntStream.of(at).mapToDouble(c -> lnKPa[c]).sorted().toArray();
        double level = sorted[sorted.length / 2];
        return new double[] {
            (level - sorted[0]) / DROP_SIGMA,
            sorted.length > 2 ? (level - sorted[1]) / DROP_SIGMA : 0,
            level / LEVEL_SIGMA
        };
    }

    /** The first against its control, the last. */
    private static double[] wet(Played p, int[] at) {
        double rise = p.rise()[at[0]] - (at.length > 1 ? p.rise()[at[at.length - 1]] : 0);
        return new double[] {rise / RISE_SIGMA};
    }

    private static double[] leakdown(Played p, int[] at) {
        int highest = at[0];
        for (int c : at) {
            highest = p.percent()[c] > p.percent()[highest] ? c : highest;
        }
        double[] sorted =
                IntStream.of(at).mapToDouble(c -> p.percent()[c]).sorted().toArray();
        int last = sorted.length - 1;
        double[] all = new double[3 + p.heard()[highest].length];
        all[0] = inNoise(sorted[last]);
        all[1] = last > 0 ? inNoise(sorted[last - 1]) : 0;
        all[2] = last > 1 ? inNoise(sorted[0]) : 0;
        for (int place = 0; place < p.heard()[highest].length; place++) {
            all[3 + place] = p.heard()[highest][place];
        }
        return all;
    }

    /** A reading whose noise grows with it, on a scale where it does not. */
    private static double inNoise(double percent) {
        double x = LEAKDOWN_SHARE * percent / LEAKDOWN_SIGMA;
        return Math.log(x + Math.sqrt(x * x + 1)) / LEAKDOWN_SHARE;
    }
}
