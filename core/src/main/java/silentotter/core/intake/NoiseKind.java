package silentotter.core.intake;

/** What the noise sounds like. */
public enum NoiseKind {
    KNOCK,
    SLAP,
    TAP,
    RATTLE,
    HISS
}
