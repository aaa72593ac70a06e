package silentotter.core.intake;

/** Why the engine is here; it decides what is worth doing. */
public enum Purpose {
    COMPLAINT,
    BEFORE_SPENDING,
    PREVENTIVE,
    BASELINE
}
