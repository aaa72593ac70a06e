package silentotter.core.compression;

/** How the throttle stood. */
public enum Throttle {
    WIDE_OPEN,
    SHUT,
    NONE
}
