package silentotter.core.waveform;

import java.util.Arrays;

/**
 * Takes any number of values and keeps a bounded number: once it is full it halves them, two becoming their mean. What is
 * looked for, strokes of a tenth of a second and more, outlives that by far.
 */
public final class SamplesBuilder {
    /** Sixteen megabytes; at a thousand a second more than half an hour. */
    private static final int MOST = 4_000_000;

    private float[] values = new float[4096];
    private int count;
    private int each = 1;
    private double pending;
    private int pendingCount;

    public void add(double value) {
        pending += value;
        if (++pendingCount < each) {
            return;
        }
        if (count == MOST) {
            halve();
        }
        if (count == values.length) {
            values = Arrays.copyOf(values, Math.min(MOST, 2 * count));
        }
        values[count++] = (float) (pending / pendingCount);
        pending = 0;
        pendingCount = 0;
    }

    private void halve() {
        for (int i = 0; i < count / 2; i++) {
            values[i] = (values[2 * i] + values[2 * i + 1]) / 2;
        }
        count /= 2;
        each *= 2;
    }

    public int count() {
        return count;
    }

    /** @param step between two values as they were added, s */
    public Samples build(double step) {
        return new Samples(step * each, Arrays.copyOf(values, count));
    }
}
