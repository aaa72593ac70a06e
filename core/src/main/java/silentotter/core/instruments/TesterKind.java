package silentotter.core.instruments;

/** How a leak-down tester shows its reading. */
public enum TesterKind {
    TWO_GAUGES,
    PERCENT_DIAL,
    ZONES
}
