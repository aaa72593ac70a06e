package silentotter.core.finding;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;
import silentotter.core.decision.Costs;
import silentotter.core.fault.Learnt;
import silentotter.core.inference.GaugeCurve;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.LeakCurve;

/**
 * What an interpretation depends on beside the record of the job.
 *
 * @param choices which school leads in each matter where practitioners disagree: name of the enum to name of the constant
 * @param curves where leak curves come from: {@link LeakCurve#of}, or a memory of it
 * @param costs what work costs here
 * @param learnt what the shop's own outcomes have moved
 * @param gauges where the curves of the combined diagnosis come from: {@link GaugeCurve#of}, or a memory of it
 */
public record Shop(
        Map<String, String> choices,
        Function<CrankingSetup, LeakCurve> curves,
        Function<CrankingSetup, GaugeCurve> gauges,
        Costs costs,
        Learnt learnt) {
    /** A shop that has chosen nothing and remembers nothing. */
    public static final Shop USUAL = new Shop(Map.of(), LeakCurve::of, GaugeCurve::of);

    /** A shop that works for what is usual and has learnt nothing. */
    public Shop(
            Map<String, String> choices,
            Function<CrankingSetup, LeakCurve> curves,
            Function<CrankingSetup, GaugeCurve> gauges) {
        this(choices, curves, gauges, Costs.USUAL, Learnt.NOTHING);
    }

    public Shop {
        choices = Map.copyOf(choices);
    }

    /** What leads in one matter. @param usual where nothing, or nothing known, was chosen */
    public <E extends Enum<E>> E choice(Class<E> matter, E usual) {
        String chosen = choices.get(matter.getSimpleName());
        return Arrays.stream(matter.getEnumConstants())
                .filter(e -> e.name().equals(chosen))
                .findFirst()
                .orElse(usual);
    }

    /** The same shop with another choice. */
    public Shop choosing(Enum<?> school) {
        Map<String, String> more = new HashMap<>(choices);
        more.put(school.getDeclaringClass().getSimpleName(), school.name());
        return new Shop(more, curves, gauges, costs, learnt);
    }

    /** The same shop at other costs. */
    public Shop at(Costs other) {
        return new Shop(choices, curves, gauges, other, learnt);
    }

    /** The same shop after it has learnt. */
    public Shop having(Learnt other) {
        return new Shop(choices, curves, gauges, costs, other);
    }
}
