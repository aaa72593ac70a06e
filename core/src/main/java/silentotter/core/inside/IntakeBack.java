package silentotter.core.inside;

/** The back of the intake valve, as far as it is seen. */
public enum IntakeBack {
    DRY,
    WET_OIL,
    CARBON
}
