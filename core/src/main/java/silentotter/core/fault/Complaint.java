package silentotter.core.fault;

import static java.util.Map.entry;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;

/**
 * The complaint as evidence, mild evidence: odds of each cause against nothing wrong are multiplied. Stronger factors, as
 * a mechanic would name them at first, were tried and made the answer worse: the tests then say the same thing again.
 */
public enum Complaint {
    OIL_USE(
            1.6,
            entry(Cause.OIL_RINGS, 2.6),
            entry(Cause.OIL_RING_HERE, 2.6),
            entry(Cause.STEM_SEALS, 2.4),
            entry(Cause.STEM_SEAL_HERE, 2.4),
            entry(Cause.VENTILATION, 2.4),
            entry(Cause.BROKEN, 2.4),
            entry(Cause.EVEN_WEAR, 2.2),
            entry(Cause.OUTSIDE, 2.2),
            entry(Cause.GASKET, 1.4),
            entry(Cause.EXHAUST_VALVE, 1.3),
            entry(Cause.INTAKE_VALVE, 1.3),
            entry(Cause.VALVE_HELD, 1.3),
            entry(Cause.VALVE_NOT_OPENING, 1.3),
            entry(Cause.CAM_TIMING, 1.3)),
    SMOKE(OIL_USE, entry(Cause.WATER, 2.0), entry(Cause.EXHAUST_WATER, 2.0)),
    POWER(
            1.3,
            entry(Cause.CAM_TIMING, 2.1),
            entry(Cause.EVEN_WEAR, 1.8),
            entry(Cause.VALVE_NOT_OPENING, 1.8),
            entry(Cause.RING, 1.6),
            entry(Cause.EXHAUST_VALVE, 1.6),
            entry(Cause.INTAKE_VALVE, 1.6),
            entry(Cause.VALVE_HELD, 1.6),
            entry(Cause.BROKEN, 1.6),
            entry(Cause.GASKET, 1.5),
            entry(Cause.STEM_SEALS, 1.0),
            entry(Cause.STEM_SEAL_HERE, 1.0),
            entry(Cause.OUTSIDE, .85)),
    COOLANT(1.3, entry(Cause.WATER, 2.4), entry(Cause.EXHAUST_WATER, 2.4), entry(Cause.GASKET, 1.8)),
    BREATHER(
            1.3,
            entry(Cause.BROKEN, 2.0),
            entry(Cause.RING, 1.8),
            entry(Cause.EVEN_WEAR, 1.8),
            entry(Cause.VENTILATION, 1.8)),
    CHECK(.65, entry(Cause.GASKET, .55), entry(Cause.BROKEN, .55));

    private final double others;
    private final Map<Cause, Double> factors;

    @SafeVarargs
    Complaint(double others, Map.Entry<Cause, Double>... factors) {
        this.others = others;
        this.factors = Map.ofEntries(factors);
    }

    @SafeVarargs
    Complaint(Complaint like, Map.Entry<Cause, Double>... but) {
        this.others = like.others;
        Map<Cause, Double> all = new HashMap<>(like.factors);
        for (Map.Entry<Cause, Double> e : but) {
            all.put(e.getKey(), e.getValue());
        }
        this.factors = Map.copyOf(all);
    }

    /** By how much the odds of each cause rise; what only the measuring does is not complained about. */
    public Map<Cause, Double> factors() {
        Map<Cause, Double> all = new EnumMap<>(Cause.class);
        for (Cause cause : Cause.values()) {
            if (cause != Cause.ALL_ALIKE) {
                all.put(cause, factors.getOrDefault(cause, others));
            }
        }
        return all;
    }
}
