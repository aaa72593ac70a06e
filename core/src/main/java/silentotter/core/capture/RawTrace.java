package silentotter.core.capture;

import java.util.Locale;

/**
 * The last minute of what an instrument sent, kept for whoever accepts a reading of it. Bounded whatever the rate.
 */
public final class RawTrace {
    /** At a thousand samples a second a minute and a half. */
    private static final int MOST_SAMPLES = 90_000;

    private final int channels;
    private final double[] seconds = new double[MOST_SAMPLES];
    private final double[][] values;
    private long sampled;

    /** @param channels of a sample, 1 or more */
    public RawTrace(int channels) {
        this.channels = channels;
        this.values = new double[channels][MOST_SAMPLES];
    }

    public int channels() {
        return channels;
    }

    public synchronized void sample(double at, double... sample) {
        int i = (int) (sampled % MOST_SAMPLES);
        seconds[i] = at;
        for (int c = 0; c < channels; c++) {
            values[c][i] = sample[c];
        }
        sampled++;
    }

    /**
     * What was sent from a moment on, as comma-separated values with a header: seconds from there, and each value.
     *
     * @param from seconds
     * @param names of the columns after the time, one for each value
     */
    public synchronized String csv(double from, String... names) {
        StringBuilder text = new StringBuilder("seconds");
        for (String name : names) {
            text.append(',').append(name);
        }
        text.append('\n');
        for (long n = Math.max(0, sampled - MOST_SAMPLES); n < sampled; n++) {
            int i = (int) (n % MOST_SAMPLES);
            if (seconds[i] >= from) {
                text.append(String.format(Locale.ROOT, "%.4f", seconds[i] - from));
                for (int c = 0; c < channels; c++) {
                    text.append(',').append(String.format(Locale.ROOT, "%.2f", values[c][i]));
                }
                text.append('\n');
            }
        }
        return text.toString();
    }
}
