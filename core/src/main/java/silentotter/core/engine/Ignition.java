package silentotter.core.engine;

/** What lights the charge. */
public enum Ignition {
    SPARK,
    COMPRESSION
}
