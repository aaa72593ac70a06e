package silentotter.core.plugs;

/** The ground electrode. */
public enum GroundElectrode {
    CLEAN,
    SOOTED,
    ASHY,
    BLUED,
    RUSTY
}
