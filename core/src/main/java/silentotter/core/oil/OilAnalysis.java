package silentotter.core.oil;

import java.util.List;
import java.util.Optional;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Worded;

/**
 * Everything that an oil log says.
 *
 * @param unit of all levels
 * @param low the low mark in that unit
 * @param perLitre stick units a litre; empty while nobody knows and nothing taught it
 * @param learnt whether that was learnt from what was poured between dips
 * @param axes the primary one first
 * @param percentOfFuel oil over fuel, where the fuel was written down
 * @param says one sentence that one would say to the owner
 */
public record OilAnalysis(
        StickUnit unit,
        Optional<Double> low,
        Optional<Double> perLitre,
        boolean learnt,
        List<AxisResult> axes,
        Optional<Estimate<Double>> percentOfFuel,
        Optional<Estimate<Double>> gramsPerKwh,
        List<OilFault> faults,
        List<OilOpinion> opinions,
        List<OilProof> proofs,
        List<OilChange> changes,
        List<TrialResult> trials,
        List<OilDue> due,
        List<String> notes,
        String says)
        implements Worded {
    public static final OilAnalysis NONE = new OilAnalysis(
            StickUnit.MILLIMETRES,
            Optional.empty(),
            Optional.empty(),
            false,
            List.of(),
            Optional.empty(),
            Optional.empty(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            "");

    /** Millilitres an hour that the engine uses, where hours were written down. */
    public Optional<Estimate<Double>> mlPerHour() {
        return axes.stream().flatMap(a -> a.mlPerHour().stream()).findFirst();
    }

    /** What the leading school that can be asked says, unless the log lies somewhere. */
    Optional<OilOpinion> leading() {
        return opinions.stream().filter(o -> o.judged().isPresent()).findFirst();
    }
}
