package silentotter.core.examination;

import silentotter.core.wording.Labelled;

/** How engine and workshop stand, as far as the round depends on it and nobody but the technician knows. */
public enum BenchState implements Labelled {
    /** Warm enough for gauges now. */
    WARM,
    PLUGS_OUT,
    /** The crankcase is shut but for the orifice of the blow-by test. */
    BREATHER_SEALED,
    /** Compressed air at hand. */
    AIR,
    /** A second pair of hands. */
    HELPER,
    /** Taken out: it can be cranked and not run. */
    ON_STAND
}
