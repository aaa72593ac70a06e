package silentotter.core.plugs;

/** Where it lies. */
public enum DepositPlace {
    NOSE,
    GROUND,
    RIM,
    ALL_OVER
}
