package silentotter.core.fault;

import java.util.Optional;
import silentotter.core.wording.Labelled;

/** What may be behind a finding. The groups and members are those that the whole round can tell apart. */
public enum Fault implements Labelled {
    RING_SEAL(Family.RINGS),
    EVEN_WEAR(Family.EVEN_WEAR),
    BROKEN(Family.RINGS),
    OIL_CONTROL(Family.OIL_ENTRY),
    STEM_SEAL(Family.OIL_ENTRY),
    VENTILATION(Family.OIL_ENTRY),
    TURBO_SEAL(Family.OIL_ENTRY),
    OUTSIDE_LEAK(Family.OUTSIDE_LEAK),
    OVER_OILING(Family.OIL_ENTRY),
    POROUS_CASTING(Family.OIL_ENTRY),
    INTAKE_VALVE(Family.VALVE_LEAK),
    EXHAUST_VALVE(Family.VALVE_LEAK),
    VALVE_HELD(Family.VALVE_LEAK),
    VALVE_NOT_OPENING(Family.VALVE_MOTION),
    GASKET_BETWEEN(Family.GASKET_BETWEEN),
    COOLANT_ENTRY(Family.WATER_ENTRY),
    EXHAUST_WATER(Family.WATER_ENTRY),
    CAM_TIMING(Family.CAM_TIMING),
    ALL_ALIKE(Family.ALL_ALIKE),
    RICH,
    LEAN,
    IGNITION,
    KNOCK,
    PLUG,
    BEARINGS(Family.BEARINGS),
    OIL_CHARGE(Family.OIL_ENTRY),
    CRANKCASE_AIR(Family.CRANKCASE_AIR),
    MIXTURE_OIL,
    DUTY,
    NOTHING_WRONG(Family.NOTHING_WRONG);

    private final Optional<Family> family;

    /** What is not about the seal: it is found and said, and never a suspect. */
    Fault() {
        this.family = Optional.empty();
    }

    Fault(Family family) {
        this.family = Optional.of(family);
    }

    /** Empty for what is not about the seal. */
    public Optional<Family> family() {
        return family;
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
                    OVER_OILING,
                    OIL_CHARGE -> true;
            default -> false;
        };
    }
}
