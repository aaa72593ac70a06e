package silentotter.core.engine;

/** Where the fuel meets the air. */
public enum FuelSystem {
    CARBURETTOR,
    PORT_INJECTION,
    DIRECT_INJECTION
}
