package silentotter.core.capture;

import java.util.Optional;

/** The mean of a crankcase's pulses, over two seconds: a dozen turns at idle, so that a pulse more or less changes nothing. */
public final class BreathingWatch {
    private static final double SPAN = 2;
    /** By so much of the mean, or so many pascals, a steady one may move in a second. Trade practice. */
    private static final double STILL = .05;

    private static final double STILL_PA = 5;

    private final Bins bins = new Bins(SPAN);
    private double last;

    /** @param seconds never falling */
    public void sample(double seconds, double pascals) {
        bins.sample(seconds, pascals);
        last = seconds;
    }

    /** Nothing before it has watched for two seconds. */
    public Optional<BreathingSeen> seen() {
        if (!bins.isFull(last)) {
            return Optional.empty();
        }
        double mean = bins.mean();
        boolean steady = Math.abs(bins.slope()) < Math.max(STILL_PA, STILL * Math.abs(mean));
        return Optional.of(new BreathingSeen(mean, bins.low(), bins.high(), steady));
    }
}
