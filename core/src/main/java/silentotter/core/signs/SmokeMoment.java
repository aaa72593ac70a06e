package silentotter.core.signs;

/** When it smokes; that matters more than how much. */
public enum SmokeMoment {
    START_AFTER_STANDING,
    IDLE,
    LOAD,
    OVERRUN,
    ALWAYS
}
