package silentotter.core.intake;

/** What is complained about. */
public enum ComplaintKind {
    OIL_USE,
    SMOKE,
    MISFIRE,
    HARD_START,
    LOW_POWER,
    COOLANT_LOSS,
    OIL_FROM_BREATHER,
    NOISE,
    LOW_OIL_PRESSURE,
    LOW_SPEED
}
