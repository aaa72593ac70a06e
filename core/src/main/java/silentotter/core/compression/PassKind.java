package silentotter.core.compression;

/** Dry, or after oil was put on the crown. */
public enum PassKind {
    DRY,
    WET
}
