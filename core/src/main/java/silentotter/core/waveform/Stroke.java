package silentotter.core.waveform;

/**
 * A stroke in a waveform.
 *
 * @param seconds from the beginning of the waveform, where it is highest
 * @param value that it reaches, in the unit of its kind; of current and pulses what it rises above the troughs beside it
 */
public record Stroke(double seconds, double value) {}
