package silentotter.core.examination;

import silentotter.core.wording.Labelled;

/** A test of the round, as one speaks of it when planning: in the order in which none spoils another. */
public enum TestKind implements Labelled {
    LOOK,
    GAS_TEST,
    SMOKE,
    CRANKCASE,
    BLOWBY,
    PLUGS,
    INSIDE,
    COMPRESSION,
    WET,
    CLEARANCE,
    LEAKDOWN,
    TAP,
    OIL_TRIAL
}
