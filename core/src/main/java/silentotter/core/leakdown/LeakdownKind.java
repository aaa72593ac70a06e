package silentotter.core.leakdown;

/** Passes of their own. */
public enum LeakdownKind {
    STANDARD,
    WET,
    LOW_PRESSURE
}
