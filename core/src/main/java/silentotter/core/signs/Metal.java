package silentotter.core.signs;

/** Metal seen in oil, on a magnet or in the pleats of a filter. */
public enum Metal {
    NONE,
    FINE,
    FLAKES
}
