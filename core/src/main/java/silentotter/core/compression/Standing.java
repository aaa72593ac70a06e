package silentotter.core.compression;

/** Where a cylinder stands among its sisters on the same gauge. */
public enum Standing {
    NOT_READ,
    ALONE,
    LEVEL,
    LOW,
    HIGH
}
