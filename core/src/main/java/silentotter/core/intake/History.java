package silentotter.core.intake;

/** What may have happened to the engine, and how it is used. Each can be yes, no, or not asked. */
public enum History {
    OVERHEATED_ONCE,
    RUN_LOW_ONCE,
    MODIFIED,
    BOOST_RAISED,
    FRESHLY_BUILT,
    LONG_IDLING,
    SHORT_RUNS,
    HARD_LOAD,
    HIGH_SPEED,
    BREATHED_DUST,
    SALT_WATER,
    LONG_OIL_INTERVALS,
    BELT_OR_CHAIN_WORK,
    FUEL_ADDITIVE,
    DOUBTFUL_FUEL
}
