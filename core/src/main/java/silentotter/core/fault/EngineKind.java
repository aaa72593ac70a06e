package silentotter.core.fault;

import silentotter.core.engine.Cycle;
import silentotter.core.engine.Engine;

/** The kinds of engine whose faults come with different frequency. */
public enum EngineKind {
    PETROL,
    DIESEL,
    TWO_STROKE;

    public static EngineKind of(Engine engine) {
        return engine.cycle() == Cycle.TWO_STROKE ? TWO_STROKE : engine.isDiesel() ? DIESEL : PETROL;
    }
}
