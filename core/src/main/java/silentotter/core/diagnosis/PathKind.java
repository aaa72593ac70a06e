package silentotter.core.diagnosis;

/** The ways out of a cylinder. */
public enum PathKind {
    RINGS,
    INTAKE_VALVE,
    EXHAUST_VALVE,
    GASKET_COOLANT,
    GASKET_NEIGHBOUR,
    OUTSIDE
}
