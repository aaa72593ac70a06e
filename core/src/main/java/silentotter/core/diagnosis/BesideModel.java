package silentotter.core.diagnosis;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Weight;

/**
 * Faults that no seal test reads and that the model therefore does not hold: each by itself, from its prior and what was
 * judged of it. Priors from trade practice.
 */
final class BesideModel {
    private static final Map<Fault, Double> PRIOR = Map.of(
            Fault.BEARINGS, .02,
            Fault.OIL_CHARGE, .03,
            Fault.OVER_OILING, .005,
            Fault.POROUS_CASTING, .003);

    private static final double TURBO = .04;

    private BesideModel() {}

    /** Probability of each such fault that this engine can have. */
    static Map<Fault, Double> of(Engine engine, List<Finding> findings) {
        Map<Fault, List<Finding>> said = JudgedFindings.beside(findings);
        Map<Fault, Double> result = new EnumMap<>(Fault.class);
        PRIOR.forEach((fault, prior) -> result.put(fault, posterior(fault, prior, said)));
        if (engine.isBoosted()) {
            result.put(Fault.TURBO_SEAL, posterior(Fault.TURBO_SEAL, TURBO, said));
        }
        return result;
    }

    static double prior(Engine engine, Fault fault) {
        return fault == Fault.TURBO_SEAL ? engine.isBoosted() ? TURBO : 0 : PRIOR.getOrDefault(fault, 0.0);
    }

    private static double posterior(Fault fault, double prior, Map<Fault, List<Finding>> said) {
        double odds = prior
                / (1 - prior)
                * Weight.together(said.getOrDefault(fault, List.of()).stream()
                                .map(s -> new Weight(s.ratios().get(fault)))
                                .toList())
                        .likelihoodRatio();
        return odds / (1 + odds);
    }
}
