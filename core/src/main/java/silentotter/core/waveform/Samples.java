package silentotter.core.waveform;

/**
 * Values at equal steps of time.
 *
 * @param step seconds between two, above 0
 * @param values at least one
 */
public record Samples(double step, float[] values) {
    public int count() {
        return values.length;
    }

    /** Of all of them, s. */
    public double seconds() {
        return step * values.length;
    }

    /** @param seconds anywhere; the nearest value there is */
    public int at(double seconds) {
        return (int) Math.max(0, Math.min(values.length - 1, Math.round(seconds / step)));
    }

    /** Means of so many steps at a time; the same where that is one. */
    public Samples by(int steps) {
        if (steps <= 1) {
            return this;
        }
        float[] means = new float[Math.max(1, values.length / steps)];
        for (int i = 0; i < means.length; i++) {
            double sum = 0;
            for (int k = 0; k < steps && i * steps + k < values.length; k++) {
                sum += values[i * steps + k];
            }
            means[i] = (float) (sum / steps);
        }
        return new Samples(step * steps, means);
    }
}
