package silentotter.core.plugs;

/** The well around the plug. */
public enum Well {
    DRY,
    OIL,
    WATER
}
