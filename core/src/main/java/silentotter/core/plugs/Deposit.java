package silentotter.core.plugs;

/** What lies on the plug. */
public enum Deposit {
    NONE,
    SOFT_SOOT,
    OILY_CARBON,
    ASH,
    WATER_STAIN,
    METAL_SPECKS
}
