package silentotter.core.waveform;

import java.util.List;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.Pressure;
import silentotter.core.wording.Worded;

/**
 * What one waveform says.
 *
 * @param rpm while it was recorded; empty of too few strokes
 * @param places how many strokes after the first cylinder's each stroke came, those counted that were not seen; after the very
 *     first stroke while nobody has said whose one is
 * @param shares of each cylinder, in the order of their numbers; empty while nobody has said which stroke is whose
 * @param peak of a pressure waveform
 * @param says in a sentence, with what it cannot say
 */
public record WaveformResult(
        WaveformKind kind,
        String name,
        Optional<Double> rpm,
        List<Integer> places,
        List<CylinderShare> shares,
        Optional<CrankedPeak> peak,
        String says)
        implements Worded {

    /**
     * @param percent of the highest cylinder
     * @param sigma one standard deviation of that by its own strokes, in points
     * @param strokes that it is the mean of
     */
    public record CylinderShare(CylinderNumber cylinder, double percent, double sigma, int strokes) {}

    /**
     * @param measured mean peak of the steady strokes, without a check valve
     * @param sigma one standard deviation of that
     * @param asGauge what a usual gauge behind a check valve would hold of the same cylinder; computed
     */
    public record CrankedPeak(CylinderNumber cylinder, Pressure measured, Pressure sigma, Optional<Pressure> asGauge) {}
}
