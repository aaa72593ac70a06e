package silentotter.core.signs;

/** Where milky oil was seen. */
public enum Milky {
    NONE,
    CAP_ONLY,
    ON_STICK,
    THROUGHOUT
}
