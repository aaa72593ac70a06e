package silentotter.core.round;

import silentotter.core.wording.Labelled;

/** What state of the engine a station needs or leaves behind. */
public enum EngineState implements Labelled {
    /** Not started since it last stood. */
    STOOD,
    RUNNING,
    WARM,
    PLUGS_OUT;
}
