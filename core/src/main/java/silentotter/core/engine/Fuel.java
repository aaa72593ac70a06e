package silentotter.core.engine;

/** What the engine burns. */
public enum Fuel {
    PETROL,
    DIESEL,
    GAS
}
