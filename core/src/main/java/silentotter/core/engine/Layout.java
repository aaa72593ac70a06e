package silentotter.core.engine;

/** How the cylinders stand. */
public enum Layout {
    INLINE,
    V,
    FLAT
}
