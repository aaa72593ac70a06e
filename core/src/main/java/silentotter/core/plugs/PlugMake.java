package silentotter.core.plugs;

/** How the electrodes are made. */
public enum PlugMake {
    PLAIN,
    FINE_WIRE
}
