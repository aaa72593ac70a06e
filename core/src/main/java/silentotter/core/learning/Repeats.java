package silentotter.core.learning;

import java.util.Collections;
import java.util.List;
import org.hipparchus.distribution.continuous.GammaDistribution;
import silentotter.core.diagnosis.StartingNoise;
import silentotter.core.fault.Learnt.Instrument;

/**
 * Readings of the same thing, repeated, in units of the noise that the tables start with.
 *
 * @param values of one cylinder in one state, two or more
 */
public record Repeats(Instrument instrument, long job, List<Double> values) {
    /** The starting noise counts like so many repeats. */
    private static final double SHAPE = 6;

    private static final double TAIL = .05;
    /** Two readings farther apart than so many standard deviations are a slip that was repeated, not the noise of a gauge. */
    private static final double SLIP = 10;

    public Repeats {
        values = List.copyOf(values);
    }

    /** Of one cylinder in one pass. @param kPa above 0 */
    public static Repeats compression(long job, boolean hot, List<Double> kPa) {
        double noise = StartingNoise.compression(hot);
        return new Repeats(
                Instrument.COMPRESSION,
                job,
                kPa.stream().map(v -> Math.log(v) / noise).toList());
    }

    /** Of one cylinder on one tester in one state. @param percent 0 to 100 */
    public static Repeats leakdown(long job, boolean hot, boolean warm, List<Double> percent) {
        double noise = StartingNoise.leakdown(hot, warm);
        return new Repeats(
                Instrument.LEAKDOWN, job, percent.stream().map(v -> v / noise).toList());
    }

    private boolean isSlip() {
        return Collections.max(values) - Collections.min(values) > SLIP;
    }

    /**
     * Noise as a factor on the starting one: the variance is inverse gamma, which repeats only update.
     *
     * @param low and high hold it 9 times in 10
     * @param pairs degrees of freedom of the repeats
     */
    record Noise(double factor, double low, double high, int pairs) {}

    static Noise noise(List<Repeats> all) {
        double squares = 0;
        int free = 0;
        for (Repeats r : all.stream().filter(r -> !r.isSlip()).toList()) {
            double mean = r.values().stream().mapToDouble(v -> v).average().orElse(0);
            squares += r.values().stream()
                    .mapToDouble(v -> (v - mean) * (v - mean))
                    .sum();
            free += Math.max(0, r.values().size() - 1);
        }
        double shape = SHAPE + free / 2.0;
        double scale = SHAPE - 1 + squares / 2;
        GammaDistribution precision = new GammaDistribution(shape, 1 / scale);
        return new Noise(
                Math.sqrt(scale / (shape - 1)),
                1 / Math.sqrt(precision.inverseCumulativeProbability(1 - TAIL)),
                1 / Math.sqrt(precision.inverseCumulativeProbability(TAIL)),
                free);
    }
}
