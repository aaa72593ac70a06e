package silentotter.core.waveform;

import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.stat.StatUtils;

/**
 * A stroke in a waveform.
 *
 * @param seconds from the beginning of the waveform, where it is highest
 * @param value that it reaches, in the unit of its kind; of current and pulses what it rises above the troughs beside it
 */
public record Stroke(double seconds, double value) {
    /**
     * How far apart strokes are: the middle of all the steps between two.
     *
     * @param moments seconds, growing
     * @return seconds; NaN of fewer than two
     */
    static double apart(List<Double> moments) {
        double[] steps = IntStream.range(1, moments.size())
                .mapToDouble(i -> moments.get(i) - moments.get(i - 1))
                .toArray();
        return StatUtils.percentile(steps, 50);
    }
}
