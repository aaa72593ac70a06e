package silentotter.core.plugs;

/** Damage. */
public enum Damage {
    NONE,
    BROKEN_INSULATOR,
    BRIDGED_GAP,
    BENT_GROUND
}
