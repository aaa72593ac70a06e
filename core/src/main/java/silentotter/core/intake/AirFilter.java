package silentotter.core.intake;

/** The air filter and its ducting as found. */
public enum AirFilter {
    CLEAN,
    DIRTY,
    DUCT_OPEN,
    MISSING
}
