package silentotter.core.fault;

import java.util.Map;

/**
 * What a shop's own outcomes have moved, as factors on what stands in the tables. Nothing learnt is a factor of 1.
 *
 * @param odds by kind of engine and cause, what the odds of the prior are multiplied by
 * @param families by name of an engine family, the same on top of that
 * @param signs by name of a rule, what its ratio in favour is multiplied by
 * @param noise by instrument, what its starting noise is multiplied by
 */
public record Learnt(
        Map<EngineKind, Map<Cause, Double>> odds,
        Map<String, Map<Cause, Double>> families,
        Map<String, Double> signs,
        Map<Instrument, Double> noise) {
    public static final Learnt NOTHING = new Learnt(Map.of(), Map.of(), Map.of(), Map.of());

    /** No single judged ratio goes above this, learnt or not. */
    public static final double STRONGEST = 20;

    /** What repeats of a reading teach the noise of. */
    public enum Instrument {
        COMPRESSION,
        LEAKDOWN
    }

    public Learnt {
        odds = Map.copyOf(odds);
        families = Map.copyOf(families);
        signs = Map.copyOf(signs);
        noise = Map.copyOf(noise);
    }

    /** Whether anything differs from the tables. */
    public boolean anything() {
        return !equals(NOTHING);
    }

    /** What the prior odds of a cause are multiplied by. @param family empty where the engine is of none */
    public double odds(EngineKind kind, String family, Cause cause) {
        return odds.getOrDefault(kind, Map.of()).getOrDefault(cause, 1.0)
                * families.getOrDefault(family, Map.of()).getOrDefault(cause, 1.0);
    }

    /** A prior with its odds moved. @param prior by ordinal of the cause */
    public double[] moved(EngineKind kind, String family, double[] prior) {
        double[] moved = prior.clone();
        for (Cause c : Cause.values()) {
            double p = prior[c.ordinal()];
            double odds = p / (1 - p) * odds(kind, family, c);
            moved[c.ordinal()] = Math.min(Cause.LARGEST_PRIOR, odds / (1 + odds));
        }
        return moved;
    }

    /**
     * A judged ratio as it has proved here. Only what speaks for a fault is moved, and never past 1 or {@link #STRONGEST}:
     * what was judged to speak for it does not come to speak against it.
     */
    public double ratio(String rule, double judged) {
        double factor = signs.getOrDefault(rule, 1.0);
        return judged <= 1 || factor == 1 ? judged : Math.max(1, Math.min(STRONGEST, judged * factor));
    }

    public double noise(Instrument instrument) {
        return noise.getOrDefault(instrument, 1.0);
    }
}
