package silentotter.core.intake;

/** When the noise is there. */
public enum NoiseMoment {
    COLD,
    HOT,
    LIGHT_LOAD,
    HEAVY_LOAD,
    LOW_ON_OIL,
    ALWAYS
}
