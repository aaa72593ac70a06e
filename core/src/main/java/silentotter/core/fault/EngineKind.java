package silentotter.core.fault;

/** The kinds of engine whose faults come with different frequency. */
public enum EngineKind {
    PETROL,
    DIESEL,
    TWO_STROKE
}
