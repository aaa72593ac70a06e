package silentotter.core.fault;

import java.util.Collection;

/** How likely every cause is before anything is told or tested. */
public final class PriorTable {
    private PriorTable() {}

    /**
     * @param impossible what this engine cannot have
     * @return probability by ordinal of the cause, 0 to {@link Cause#LARGEST_PRIOR}
     */
    public static double[] of(EngineKind kind, Collection<Circumstance> circumstances, Collection<Cause> impossible) {
        double[] p = new double[Cause.values().length];
        for (Cause cause : Cause.values()) {
            double prior = impossible.contains(cause) ? 0 : cause.prior(kind);
            for (Circumstance c : circumstances) {
                prior *= c.factors().getOrDefault(cause, 1.0);
            }
            if (cause == Cause.ALL_ALIKE && circumstances.stream().anyMatch(Circumstance::lowersAllAlike)) {
                prior = Circumstance.LOWERED_BY_MEASURING;
            }
            p[cause.ordinal()] = Math.min(Cause.LARGEST_PRIOR, prior);
        }
        return p;
    }
}
