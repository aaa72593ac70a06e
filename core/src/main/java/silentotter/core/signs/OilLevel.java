package silentotter.core.signs;

/** Oil level on the stick, level ground, after the wait. */
public enum OilLevel {
    NOT_ON_STICK,
    BELOW_LOW_MARK,
    LOWER_HALF,
    UPPER_HALF,
    ABOVE_FULL_MARK
}
