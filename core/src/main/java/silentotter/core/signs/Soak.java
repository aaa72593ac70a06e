package silentotter.core.signs;

/**
 * A wait that was started before the next look: drain-back, or standing before a cold-start smoke check.
 *
 * @param startedAt a moment such as 2026-11-03T09:42:00Z
 * @param minutes 1 to 2880
 */
public record Soak(String startedAt, double minutes) {}
