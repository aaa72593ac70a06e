package silentotter.core.comparison;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import silentotter.core.closing.TrialPlan;
import silentotter.core.comparison.Measure.Scale;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.wording.Labelled;
import silentotter.core.wording.Say;
import silentotter.core.wording.Worded;

/**
 * A trial held against what was said before it.
 *
 * @param job on which it began
 * @param after the visit by which it is judged; empty while there is none
 * @param over whether its day or its hours have come
 */
public record TrialJudged(
        long job, Optional<Long> after, String what, TrialVerdict verdict, boolean over, String inWords)
        implements Worded {

    /** How a trial came out. */
    public enum TrialVerdict implements Labelled {
        /** By as much as was said, wherever in its interval the truth lies. */
        REACHED,
        /** It got better, and whether by as much as was said is open. */
        BETTER,
        NOT_REACHED,
        CANNOT_BE_TOLD,
        RUNNING
    }

    /**
     * @param began the visit that it began with
     * @param later the visits after it, oldest first
     * @param changes everything that was done to the engine
     */
    public static TrialJudged of(
            TrialPlan plan, Visit began, List<Visit> later, List<Change> changes, LocalDate today) {
        Measure measure = Measure.valueOf(plan.measure().orElseThrow().name());
        Optional<Visit> last =
                later.stream().filter(v -> !v.of(measure).isEmpty()).reduce((a, b) -> b);
        boolean over =
                plan.untilDate().filter(d -> !LocalDate.parse(d).isAfter(today)).isPresent()
                        || last.flatMap(Visit::hours)
                                .flatMap(h -> plan.untilHours().filter(until -> h >= until))
                                .isPresent();
        String asked = "Said before: " + measure.words()
                + plan.cylinder()
                        .map(c -> " of cylinder " + Say.cylinder(CylinderNumber.of(c)))
                        .orElse("")
                + " better by " + wanted(measure, plan.better().orElseThrow()) + ".";
        if (last.isEmpty()) {
            return new TrialJudged(
                    began.job(),
                    Optional.empty(),
                    plan.what().orElseThrow(),
                    TrialVerdict.RUNNING,
                    over,
                    asked + (over ? " It is over, and nobody has measured it again." : " Not measured again yet."));
        }
        String credit = Comparison.credit(Changes.between(began, last.get(), changes));
        Optional<Claim> claim = Comparison.only(
                        began, last.get(), measure, plan.cylinder().map(CylinderNumber::of))
                .filter(c -> perCent(measure, began) > 0);
        return claim.map(c -> judged(plan, began, last.get(), c, credit, over, asked))
                .orElseGet(() -> new TrialJudged(
                        began.job(),
                        last.map(Visit::job),
                        plan.what().orElseThrow(),
                        TrialVerdict.CANNOT_BE_TOLD,
                        over,
                        asked + " The two visits do not compare in that."));
    }

    private static TrialJudged judged(
            TrialPlan plan, Visit began, Visit last, Claim c, String credit, boolean over, String asked) {
        Measure m = c.measure();
        double sign = m.moreIsWorse() ? -1 : 1;
        double wanted = plan.better().orElseThrow() / perCent(m, began);
        double least = Math.min(sign * c.low(), sign * c.high());
        double most = Math.max(sign * c.low(), sign * c.high());
        TrialVerdict verdict = least >= wanted
                ? TrialVerdict.REACHED
                : most < wanted
                        ? TrialVerdict.NOT_REACHED
                        : least > 0 ? TrialVerdict.BETTER : TrialVerdict.CANNOT_BE_TOLD;
        String range = " It moved by " + m.moved(sign * c.change()) + " (" + m.moved(least) + " to " + m.moved(most)
                + "; plus is better), " + last.date() + ".";
        return new TrialJudged(
                began.job(),
                Optional.of(last.job()),
                plan.what().orElseThrow(),
                verdict,
                over,
                asked
                        + range
                        + (verdict == TrialVerdict.REACHED || verdict == TrialVerdict.BETTER ? " " + credit : ""));
    }

    private static String wanted(Measure m, double better) {
        return Say.number(Math.rint(better)) + (m.scale() == Scale.POINTS ? " points" : " %");
    }

    /** What was asked for in per cent, or points, for one of the change as it is told. */
    private static double perCent(Measure m, Visit began) {
        return switch (m.scale()) {
            case SHARE -> 100;
            case POINTS -> 1;
            case AMOUNT -> 100 / began.of(m).get(0).value();
        };
    }
}
