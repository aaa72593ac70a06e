package silentotter.core.oil;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import silentotter.core.oil.OilLog.Dip;
import silentotter.core.quantity.Estimate;

/** What each trial found: before it, during it, after it. */
record TrialResults(RateWords words, List<OilTrial> trials) {
    List<TrialResult> in(OilLog log) {
        return trials.stream().map(t -> trial(log, t)).toList();
    }

    private TrialResult trial(OilLog log, OilTrial t) {
        Optional<Estimate<Double>> before = part(log, t::isBefore);
        Optional<Estimate<Double>> during = part(log, t::holds);
        Optional<Estimate<Double>> after = part(log, t::isAfter);
        List<Dip> dips = log.dips().stream().filter(d -> t.holds(d.entry())).toList();
        boolean aborted = t.abortMm().isPresent()
                && dips.stream()
                        .anyMatch(d -> d.entry()
                                .mm()
                                .filter(m -> m <= t.abortMm().get())
                                .isPresent());
        Optional<Estimate<Double>> perKwh = log.meter() == Meter.HOURS
                        && words.stick().perLitre().isPresent()
                ? t.loadKw()
                        .flatMap(kw -> during.map(d -> RateWords.times(d, 1000 * OilEntryReader.DENSITY / 100 / kw)))
                : Optional.empty();
        String says = during.map(d -> "On trial it used " + words.range(log.meter(), d)
                        + before.map(b -> ", before it " + words.range(log.meter(), b))
                                .orElse("")
                        + after.map(a -> ", after it " + words.range(log.meter(), a))
                                .orElse("") + ".")
                .orElse("A trial is told from two dips on within it.");
        return new TrialResult(
                t.from(),
                before,
                during,
                after,
                perKwh,
                Math.max(0, dips.size() - 1),
                aborted,
                aborted ? "The abort mark was reached: top up and stop the trial. " + says : says);
    }

    private Optional<Estimate<Double>> part(OilLog log, Predicate<OilEntry> wanted) {
        return log.only(wanted).fit(List.of()).map(f -> words.shown(log.meter(), f));
    }
}
