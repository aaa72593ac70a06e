package silentotter.core.waveform;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Measures strokes at marks, whether they were found or set by hand. */
public final class Strokes {
    /** A mark that was set by hand sits on the crest that is nearest, within this share of a stroke. */
    private static final double SNAPS = .2;
    /** A crest is the mean of so much around it, s: a single sample is noise. */
    private static final double CREST = .006;

    private Strokes() {}

    /** @param marks seconds, growing */
    public static List<Stroke> at(List<Double> marks, Samples samples, WaveformKind kind) {
        double steps = Stroke.apart(marks);
        double apart = Double.isNaN(steps) ? samples.seconds() / 4 : steps;
        List<Integer> crests = new ArrayList<>();
        for (double mark : marks) {
            crests.add(highest(samples, mark - SNAPS * apart, mark + SNAPS * apart));
        }
        List<Stroke> strokes = new ArrayList<>();
        for (int i = 0; i < crests.size(); i++) {
            double crest = around(samples, crests.get(i));
            double seconds = crests.get(i) * samples.step();
            double value = kind == WaveformKind.CRANKING_PRESSURE
                    ? crest
                    : crest
                            - (trough(samples, seconds - apart, seconds) + trough(samples, seconds, seconds + apart))
                                    / 2;
            strokes.add(new Stroke(seconds, value));
        }
        return strokes;
    }

    private static int highest(Samples samples, double from, double to) {
        int best = samples.at((from + to) / 2);
        for (int i = samples.at(from); i <= samples.at(to); i++) {
            if (samples.values()[i] > samples.values()[best]) {
                best = i;
            }
        }
        return best;
    }

    private static double around(Samples samples, int at) {
        int reach = (int) Math.floor(CREST / 2 / samples.step());
        double sum = 0;
        int count = 0;
        for (int i = Math.max(0, at - reach); i <= Math.min(samples.count() - 1, at + reach); i++) {
            sum += samples.values()[i];
            count++;
        }
        return sum / count;
    }

    /** The mean of the lowest tenth between two times: a trough is flat, and its lowest sample is noise. */
    private static double trough(Samples samples, double from, double to) {
        int a = samples.at(from);
        int b = samples.at(to);
        float[] part = Arrays.copyOfRange(samples.values(), a, Math.max(a + 1, b));
        Arrays.sort(part);
        int lowest = Math.max(1, part.length / 10);
        double sum = 0;
        for (int i = 0; i < lowest; i++) {
            sum += part[i];
        }
        return sum / lowest;
    }
}
