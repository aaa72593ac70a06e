package silentotter.core.finding;

import java.util.Collection;
import java.util.List;
import silentotter.core.wording.Labelled;

/**
 * How much a finding weighs for its suspect, as a likelihood ratio: how many times more often it is seen with the
 * suspect present than without. Judgement values from trade practice, never above 20 for a single sign.
 *
 * @param likelihoodRatio 0.05 to 20 for one sign; 1 says nothing, below 1 speaks against
 */
public record Weight(double likelihoodRatio) implements Comparable<Weight>, Labelled {
    public static final double MOST = 20;
    public static final Weight NONE = new Weight(1);

    /** Signs with one cause are seen together; this is how much of a second one repeats the first. */
    private static final double CORRELATION = 0.5;
    /** A finding taken from a dirty pan, after spray, or otherwise spoiled keeps this power of its ratio. */
    static final double SPOILED_POWER = 0.25;

    public Weight {
        if (!(likelihoodRatio > 0)) {
            throw new IllegalArgumentException("likelihood ratio must be above 0, but was " + likelihoodRatio);
        }
    }

    public static Weight of(double likelihoodRatio) {
        return new Weight(Math.max(1 / MOST, Math.min(MOST, likelihoodRatio)));
    }

    /** A power of it. @param power 0 to 1; 1 leaves it as it is */
    Weight to(double power) {
        return new Weight(Math.pow(likelihoodRatio, power));
    }

    /**
     * Several signs of one suspect together: tempered, not multiplied. Four signs of 4 are worth about 9. A further weak
     * sign never takes away from a strong one; signs against are multiplied in as they are.
     */
    public static Weight together(Collection<Weight> weights) {
        List<Double> logs = weights.stream()
                .map(w -> Math.log(w.likelihoodRatio))
                .filter(l -> l > 0)
                .sorted((a, b) -> Double.compare(b, a))
                .toList();
        double best = 0;
        double sum = 0;
        for (int i = 0; i < logs.size(); i++) {
            sum += logs.get(i);
            best = Math.max(best, sum / (1 + i * CORRELATION));
        }
        double against = weights.stream()
                .mapToDouble(w -> Math.min(0, Math.log(w.likelihoodRatio)))
                .sum();
        return new Weight(Math.exp(best + against));
    }

    @Override
    public String words() {
        if (likelihoodRatio < 0.95) {
            return "speaks against";
        }
        if (likelihoodRatio < 1.15) {
            return "says nothing by itself";
        }
        if (likelihoodRatio < 2.2) {
            return "weighs little";
        }
        return likelihoodRatio < 4.5 ? "weighs" : "weighs much";
    }

    @Override
    public int compareTo(Weight other) {
        return Double.compare(likelihoodRatio, other.likelihoodRatio);
    }
}
