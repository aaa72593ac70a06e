package silentotter.core.signs;

/** Where oil or coolant may be seen outside. */
public enum LeakPlace {
    VALVE_COVER,
    FRONT_SEAL,
    REAR_SEAL,
    SUMP,
    OIL_FILTER,
    HEAD_JOINT,
    COOLANT_PUMP,
    HOSES,
    EXHAUST_ELBOW
}
