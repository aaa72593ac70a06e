package silentotter.core.compression;

/** How warm the engine was. */
public enum EngineTemperature {
    HOT,
    WARM,
    COLD
}
