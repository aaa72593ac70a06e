package silentotter.core.fault;

import silentotter.core.wording.Labelled;

/** What one repair mends: faults of one family and place stand in one row of the answer. */
public enum Family implements Labelled {
    RINGS,
    EVEN_WEAR,
    VALVE_LEAK,
    VALVE_MOTION,
    GASKET_BETWEEN,
    WATER_ENTRY,
    OIL_ENTRY,
    OUTSIDE_LEAK,
    CAM_TIMING,
    ALL_ALIKE,
    CRANKCASE_AIR,
    BEARINGS,
    NOTHING_WRONG
}
