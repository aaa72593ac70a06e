package silentotter.core.signs;

/** Oil in the air box or intake duct. */
public enum AirBox {
    DRY,
    DAMP,
    POOLED
}
