package silentotter.core.engine;

/** Wet: water is injected into the exhaust, as on boats. */
public enum Exhaust {
    DRY,
    WET
}
