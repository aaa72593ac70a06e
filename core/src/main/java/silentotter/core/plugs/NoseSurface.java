package silentotter.core.plugs;

/** The surface of the insulator nose. */
public enum NoseSurface {
    NORMAL,
    BLISTERED,
    STEAM_CLEANED
}
