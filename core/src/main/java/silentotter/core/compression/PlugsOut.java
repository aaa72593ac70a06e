package silentotter.core.compression;

/** Which plugs (glow plugs, injectors) were out. */
public enum PlugsOut {
    ALL,
    ONE_AT_A_TIME
}
