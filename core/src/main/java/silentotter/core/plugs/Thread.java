package silentotter.core.plugs;

/** The thread as it came out. */
public enum Thread {
    CLEAN,
    SOOTED,
    OILY
}
