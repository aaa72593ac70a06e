package silentotter.core.inside;

/** The piston crown. */
public enum Crown {
    DRY_CARBON,
    WET_OIL,
    WET_FUEL,
    WASHED_CLEAN,
    HOLED
}
