package silentotter.core.finding;

import silentotter.core.wording.Labelled;

/** What may be behind a finding. The groups and members are those that the whole round can tell apart. */
public enum Suspect implements Labelled {
    RING_SEAL,
    EVEN_WEAR,
    BROKEN,
    OIL_CONTROL,
    STEM_SEAL,
    VENTILATION,
    TURBO_SEAL,
    OUTSIDE_LEAK,
    OVER_OILING,
    POROUS_CASTING,
    INTAKE_VALVE,
    EXHAUST_VALVE,
    VALVE_HELD,
    VALVE_NOT_OPENING,
    GASKET_BETWEEN,
    COOLANT_ENTRY,
    EXHAUST_WATER,
    CAM_TIMING,
    RICH,
    LEAN,
    IGNITION,
    KNOCK,
    PLUG,
    BEARINGS,
    OIL_CHARGE,
    CRANKCASE_AIR,
    MIXTURE_OIL,
    DUTY;

    /** Whether only an engine with poppet valves and an oil sump can have it; a two-stroke has neither. */
    public boolean isOfFourStrokesOnly() {
        return switch (this) {
            case OIL_CONTROL,
                    STEM_SEAL,
                    VENTILATION,
                    INTAKE_VALVE,
                    EXHAUST_VALVE,
                    VALVE_HELD,
                    VALVE_NOT_OPENING,
                    CAM_TIMING,
                    OVER_OILING,
                    OIL_CHARGE -> true;
            default -> false;
        };
    }

    /** Whether oil reaches the chamber past the rings. */
    public boolean oilPastRings() {
        return this == OIL_CONTROL || this == RING_SEAL || this == EVEN_WEAR || this == BROKEN;
    }
}
