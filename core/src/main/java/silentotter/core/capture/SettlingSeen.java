package silentotter.core.capture;

import silentotter.core.wording.Labelled;

/**
 * How a leak-down tester with two gauges stands.
 *
 * @param number of the filling, growing; a tester that was shut off and opened again has another
 * @param supplyKPa mean of the last second
 * @param cylinderKPa mean of the last second
 * @param driftKPaPerMinute how fast the cylinder's gauge still moves; up is positive
 */
public record SettlingSeen(
        long number, AirPhase phase, double supplyKPa, double cylinderKPa, double driftKPaPerMinute) {
    /** What air does in the cylinder. */
    public enum AirPhase implements Labelled {
        SHUT,
        FILLING,
        SETTLED
    }
}
