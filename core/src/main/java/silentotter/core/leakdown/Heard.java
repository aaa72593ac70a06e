package silentotter.core.leakdown;

/** What was heard at a place where somebody listened; not listened is no entry at all. */
public enum Heard {
    CANNOT_BE_REACHED,
    NOTHING,
    FAINT,
    CLEAR,
    LOUD
}
