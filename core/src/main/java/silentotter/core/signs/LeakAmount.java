package silentotter.core.signs;

/** How much is seen at a place. */
public enum LeakAmount {
    DRY,
    DAMP,
    DRIPS
}
