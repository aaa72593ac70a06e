package silentotter.core.signs;

/** What the crankcase does at idle with its ventilation working. */
public enum Ventilation {
    SUCTION,
    NOTHING,
    PRESSURE
}
