package silentotter.core.finding;

/** What may be behind a finding. The groups and members are those that the whole round can tell apart. */
public enum Suspect {
    RING_SEAL("ring seal"),
    EVEN_WEAR("even ring and bore wear"),
    BROKEN("broken ring, land or piston"),
    OIL_CONTROL("oil control rings"),
    STEM_SEAL("stem seals or guides"),
    VENTILATION("crankcase ventilation"),
    TURBO_SEAL("turbocharger oil seal"),
    OUTSIDE_LEAK("outside leak"),
    INTAKE_VALVE("intake valve"),
    EXHAUST_VALVE("exhaust valve"),
    VALVE_HELD("valve held off its seat"),
    VALVE_NOT_OPENING("valve not opening fully"),
    GASKET_BETWEEN("gasket between cylinders"),
    COOLANT_ENTRY("gasket or crack to coolant"),
    EXHAUST_WATER("water back past the wet exhaust"),
    CAM_TIMING("cam timing"),
    RICH("rich mixture"),
    LEAN("lean mixture or too much heat"),
    IGNITION("weak or missing spark"),
    KNOCK("knock, or rough handling"),
    PLUG("the plug itself"),
    BEARINGS("bearings or oil pump"),
    OIL_CHARGE("too much or the wrong oil"),
    CRANKCASE_AIR("crank seal, base, reed or intake leak"),
    MIXTURE_OIL("oil in the mixture"),
    DUTY("how it is used");

    private final String words;

    Suspect(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

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
                    OIL_CHARGE -> true;
            default -> false;
        };
    }

    /** Whether oil reaches the chamber past the rings. */
    public boolean oilPastRings() {
        return this == OIL_CONTROL || this == RING_SEAL || this == EVEN_WEAR || this == BROKEN;
    }
}
