package silentotter.core.plugs;

/** Wet or dry, and what rubbing between two fingers says. */
public enum Wetness {
    DRY,
    WET_NOT_RUBBED,
    WET_EVAPORATES,
    WET_STAYS_OILY
}
