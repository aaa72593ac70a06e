package silentotter.core.finding;

/** The ways out of a cylinder, and the ways in which oil gets into it. */
public enum PathKind {
    RINGS,
    INTAKE_VALVE,
    EXHAUST_VALVE,
    GASKET_COOLANT,
    GASKET_NEIGHBOUR,
    OUTSIDE,
    OIL_PAST_RINGS,
    OIL_PAST_STEM;

    /** Oil gets in, everything else gets out. */
    public boolean isOil() {
        return this == OIL_PAST_RINGS || this == OIL_PAST_STEM;
    }
}
