package silentotter.core.waveform;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;

/**
 * Finds the strokes in a waveform. Method: a mean over one stroke is taken off, the stroke's time is where the waveform is most
 * like itself (its autocorrelation), and of the crests that are left the highest within half a stroke each counts, where it
 * stands out by a share of what all of them span. Constants are judged.
 */
public final class PeakFinder {
    /** Enough for a stroke, and quick to go through. */
    private static final double WORKING_HERTZ = 500;

    private static final double SHORTEST = .04;
    private static final double LONGEST = 1.6;
    /** A shorter time that is half as like is the stroke; the likest may be the cycle, where one cylinder differs from its sisters. */
    private static final double NEARLY = .5;

    private static final double STANDS_OUT = .3;
    /** Of a longer recording its first ones. */
    private static final int MOST_PEAKS = 4000;

    private static final double SMOOTH = .012;

    private PeakFinder() {}

    /** @return seconds from the beginning, growing; empty where nothing repeats */
    public static List<Double> find(Samples samples) {
        int steps = (int) Math.max(1, Math.floor(1 / WORKING_HERTZ / samples.step()));
        Samples coarse = samples.by(steps);
        double[] smooth = mean(doubles(coarse.values()), width(coarse, SMOOTH));
        double period = period(smooth, coarse.step());
        if (Double.isNaN(period)) {
            return List.of();
        }
        double[] base = mean(smooth, width(coarse, period));
        double[] crests = new double[smooth.length];
        for (int i = 0; i < crests.length; i++) {
            crests[i] = smooth[i] - base[i];
        }
        return peaks(crests, coarse.step(), period).stream()
                .map(i -> i * coarse.step())
                .toList();
    }

    private static int width(Samples of, double seconds) {
        return Math.max(1, (int) Math.round(seconds / of.step()) | 1);
    }

    private static double[] doubles(float[] values) {
        double[] all = new double[values.length];
        for (int i = 0; i < all.length; i++) {
            all[i] = values[i];
        }
        return all;
    }

    /** A running mean, shorter at both ends. */
    private static double[] mean(double[] of, int width) {
        double[] sums = new double[of.length + 1];
        for (int i = 0; i < of.length; i++) {
            sums[i + 1] = sums[i] + of[i];
        }
        double[] means = new double[of.length];
        for (int i = 0; i < of.length; i++) {
            int from = Math.max(0, i - width / 2);
            int to = Math.min(of.length, i + width / 2 + 1);
            means[i] = (sums[to] - sums[from]) / (to - from);
        }
        return means;
    }

    /** After how long it is most like itself, s. */
    private static double period(double[] values, double step) {
        int most = (int) Math.min(values.length / 2, Math.round(LONGEST / step));
        int least = (int) Math.max(2, Math.round(SHORTEST / step));
        if (most <= least) {
            return Double.NaN;
        }
        double[] slow = mean(values, 2 * most + 1);
        double[] v = new double[values.length];
        double power = 0;
        for (int i = 0; i < v.length; i++) {
            v[i] = values[i] - slow[i];
            power += v[i] * v[i];
        }
        if (power == 0) {
            return Double.NaN;
        }
        double[] like = new double[most + 1];
        for (int lag = least; lag <= most; lag++) {
            double sum = 0;
            for (int i = 0; i + lag < v.length; i++) {
                sum += v[i] * v[i + lag];
            }
            like[lag] = sum / (v.length - lag) * v.length / power;
        }
        int best = -1;
        for (int lag = least + 1; lag < most; lag++) {
            boolean crest = like[lag] >= like[lag - 1] && like[lag] >= like[lag + 1];
            if (crest && (best < 0 || like[lag] > like[best])) {
                best = lag;
            }
        }
        for (int lag = least + 1; best > 0 && lag < best; lag++) {
            boolean crest = like[lag] >= like[lag - 1] && like[lag] >= like[lag + 1];
            if (crest && like[lag] > NEARLY * like[best]) {
                best = lag;
            }
        }
        return best < 0 || like[best] <= 0 ? Double.NaN : best * step;
    }

    private static List<Integer> peaks(double[] crests, double step, double period) {
        List<Integer> candidates = new ArrayList<>();
        for (int i = 1; i < crests.length - 1; i++) {
            if (crests[i] > crests[i - 1] && crests[i] >= crests[i + 1] && crests[i] > 0) {
                candidates.add(i);
            }
        }
        candidates.sort(Comparator.comparingDouble(i -> -crests[i]));
        double apart = period / 2 / step;
        TreeSet<Integer> taken = new TreeSet<>();
        for (int c : candidates) {
            Integer before = taken.floor(c);
            Integer after = taken.ceiling(c);
            if ((before == null || c - before >= apart) && (after == null || after - c >= apart)) {
                taken.add(c);
            }
        }
        double[] heights = taken.stream().mapToDouble(i -> crests[i]).sorted().toArray();
        double usual = heights.length == 0 ? 0 : heights[heights.length / 2];
        return taken.stream()
                .filter(i -> crests[i] >= STANDS_OUT * usual)
                .limit(MOST_PEAKS)
                .toList();
    }
}
