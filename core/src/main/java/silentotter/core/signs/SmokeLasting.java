package silentotter.core.signs;

/** How long the smoke lasts. */
public enum SmokeLasting {
    PUFF,
    UNTIL_WARM,
    STAYS
}
