package silentotter.core.blowby;

import java.util.List;
import java.util.Optional;
import silentotter.core.finding.Judged;
import silentotter.core.wording.Worded;

/**
 * Everything that blow-by says of an engine.
 *
 * @param opinions all schools, the leading one first
 * @param notes what has to be known with the figures, and what they may not be taken for
 */
public record BlowbyAnalysis(
        List<PointResult> points,
        List<GaugeCheck> checks,
        List<BlowbyOpinion> opinions,
        Optional<RingArea> rings,
        List<String> notes)
        implements Worded {
    public static final BlowbyAnalysis NONE =
            new BlowbyAnalysis(List.of(), List.of(), List.of(), Optional.empty(), List.of());

    /** The grade of the leading school that can be asked; empty where nothing can be judged, or two gauges contradict. */
    public Optional<Judged> grade() {
        return points.stream().anyMatch(PointResult::doubted)
                ? Optional.empty()
                : leading().flatMap(BlowbyOpinion::judged);
    }

    /** The first school that can be asked. */
    Optional<BlowbyOpinion> leading() {
        return opinions.stream().filter(o -> o.judged().isPresent()).findFirst();
    }
}
