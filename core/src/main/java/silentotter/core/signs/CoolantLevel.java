package silentotter.core.signs;

/** What the coolant level does over days. */
public enum CoolantLevel {
    HOLDS,
    FALLING_WITH_DRIP,
    FALLING_NO_DRIP
}
