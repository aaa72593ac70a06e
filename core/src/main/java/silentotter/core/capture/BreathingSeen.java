package silentotter.core.capture;

/**
 * What a manometer on a crankcase shows over the last seconds.
 *
 * @param meanPa against the air outside
 * @param lowPa the deepest of its pulses
 * @param highPa the highest
 * @param steady whether the mean has stopped moving
 */
public record BreathingSeen(double meanPa, double lowPa, double highPa, boolean steady) {}
