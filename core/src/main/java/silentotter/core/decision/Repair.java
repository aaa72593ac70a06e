package silentotter.core.decision;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import silentotter.core.fault.Cause;
import silentotter.core.wording.Labelled;

/**
 * What can be done, with the share of each fault that it cures and what it usually takes. Trade practice: hours of one who
 * has done it before; parts in the money that the hourly rate is in.
 */
public enum Repair implements Labelled {
    /** Nothing is done before what contradicts itself was measured again. */
    RETEST(0, 0, none()),
    RUN_ON(0, 0, none()),
    /** Soak, a treatment or heavier oil, then the same tests again: what a stuck ring or valve frees. */
    TRIAL(1.2, 40, share(0.15, Cause.RING, Cause.OIL_RING_HERE, Cause.OIL_RINGS), share(0.5, Cause.VALVE_HELD)),
    SERVICE(
            1,
            72,
            all(
                    Cause.VENTILATION,
                    Cause.OUTSIDE,
                    Cause.CAM_TIMING,
                    Cause.CRANKCASE_AIR,
                    Cause.EXHAUST_WATER,
                    Cause.ALL_ALIKE)),
    SEALS(5, 160, all(Cause.STEM_SEALS, Cause.STEM_SEAL_HERE)),
    HEAD_OFF(
            9,
            298,
            all(
                    Cause.EXHAUST_VALVE,
                    Cause.INTAKE_VALVE,
                    Cause.VALVE_HELD,
                    Cause.VALVE_NOT_OPENING,
                    Cause.WATER,
                    Cause.GASKET,
                    Cause.STEM_SEALS,
                    Cause.STEM_SEAL_HERE)),
    BOTTOM_END(22, 584, all(Cause.values())),
    EXCHANGE(16, 3600, all(Cause.values()));

    private final double hours;
    private final double parts;
    private final Map<Cause, Double> cures = new EnumMap<>(Cause.class);

    @SafeVarargs
    Repair(double hours, double parts, Map<Cause, Double>... cures) {
        this.hours = hours;
        this.parts = parts;
        Arrays.stream(cures).forEach(this.cures::putAll);
    }

    /** Hours it usually takes. */
    public double usualHours() {
        return hours;
    }

    /** Parts it usually takes. */
    public double usualParts() {
        return parts;
    }

    /** How often it cures a fault, 0 to 1. */
    public double cures(Cause cause) {
        return cures.getOrDefault(cause, 0.0);
    }

    /** Whether a service beside it would add anything. */
    boolean takesService() {
        return this == SEALS || this == HEAD_OFF;
    }

    private static Map<Cause, Double> none() {
        return Map.of();
    }

    private static Map<Cause, Double> all(Cause... causes) {
        return share(1, causes);
    }

    private static Map<Cause, Double> share(double share, Cause... causes) {
        Map<Cause, Double> map = new EnumMap<>(Cause.class);
        Arrays.stream(causes).forEach(c -> map.put(c, share));
        return map;
    }
}
