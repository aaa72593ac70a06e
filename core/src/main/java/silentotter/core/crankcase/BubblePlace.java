package silentotter.core.crankcase;

/** Where soapy water is looked at while the crankcase has pressure. */
public enum BubblePlace {
    FLYWHEEL_SEAL,
    FREE_END_SEAL,
    BASE_JOINT,
    REED_BLOCK,
    INTAKE_JOINT,
    PLUG_OR_HEAD
}
