package silentotter.core.engine;

/** The two ends of a crankshaft: the free end (pulley, timing) and the flywheel end. */
public enum EngineEnd {
    FREE,
    FLYWHEEL
}
