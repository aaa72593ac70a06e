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
    OIL_PAST_STEM
}
