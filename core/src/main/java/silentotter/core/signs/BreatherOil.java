package silentotter.core.signs;

/** Oil at the breather. */
public enum BreatherOil {
    NONE,
    MIST,
    WET
}
