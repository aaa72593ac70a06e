package silentotter.core.leakdown;

/** What state the engine was in. */
public enum RunState {
    HOT,
    WARM,
    COLD,
    ON_STAND
}
