package silentotter.core.engine;

/** What carries the heat away. */
public enum Cooling {
    LIQUID,
    AIR
}
