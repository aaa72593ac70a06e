package silentotter.core.plugs;

/** Wear of the electrodes. */
public enum ElectrodeWear {
    SHARP,
    ROUNDED,
    MELTED
}
