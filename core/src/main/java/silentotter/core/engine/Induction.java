package silentotter.core.engine;

/** How the air gets in. */
public enum Induction {
    NATURAL,
    TURBO,
    SUPERCHARGED
}
