package silentotter.core.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import silentotter.core.wording.Labelled;
import silentotter.core.wording.Say;
import silentotter.core.wording.Worded;

/**
 * How a freshly built engine has run in: what moved since its first visit, and whether anything still moves.
 *
 * @param fromHours and toHours since it was built, at the first and the last visit of its run-in
 * @param inWords the same in sentences
 */
public record RunIn(double fromHours, double toHours, int visits, RunInState state, List<String> inWords)
        implements Worded {
    /** After so many hours an engine has run in, or never will. Trade practice. */
    private static final double LONGEST = 250;
    /** Between the last two visits at least so many have to lie for their likeness to say something. Trade practice. */
    private static final double APART = 5;

    /** Where a run-in stands. */
    public enum RunInState implements Labelled {
        /** Between the last two visits nothing moved beyond what the gauges leave open. */
        STEADY,
        STILL_BETTER,
        WORSE,
        CANNOT_BE_TOLD
    }

    private record At(Visit visit, double hours) {}

    /**
     * @param visits in the order of their days
     * @param changes everything that was done to it
     * @return empty where no visit says that the engine was freshly built, or with one visit of the run-in only
     */
    public static Optional<RunIn> of(List<Visit> visits, List<Change> changes) {
        List<At> run = new ArrayList<>();
        for (Visit v : visits) {
            Optional<Double> since = v.hoursSinceBuilt().or(() -> since(run, v));
            if (v.hoursSinceBuilt().isPresent() && !run.isEmpty() && isAnother(run, v)) {
                run.clear();
            }
            since.filter(h -> h <= LONGEST).ifPresent(h -> run.add(new At(v, h)));
        }
        return run.size() < 2 ? Optional.empty() : Optional.of(judged(run, changes));
    }

    /** Hours since the engine was built, by its meter. */
    private static Optional<Double> since(List<At> run, Visit v) {
        return run.isEmpty()
                ? Optional.empty()
                : run.get(0)
                        .visit()
                        .hours()
                        .flatMap(then -> v.hours().map(now -> run.get(0).hours() + now - then))
                        .filter(h -> h >= 0);
    }

    /** Built once more: it says fewer hours than the visit before. */
    private static boolean isAnother(List<At> run, Visit v) {
        return v.hoursSinceBuilt().orElseThrow() < run.get(run.size() - 1).hours();
    }

    private static RunIn judged(List<At> run, List<Change> changes) {
        At first = run.get(0);
        At last = run.get(run.size() - 1);
        At before = run.get(run.size() - 2);
        Comparison whole = between(first, last, changes);
        Comparison lately = between(before, last, changes);
        RunInState state = state(lately, last.hours() - before.hours());
        List<String> words = new ArrayList<>();
        words.add("Since it was built, from " + hours(first) + " to " + hours(last) + ", " + run.size() + " visits. "
                + (whole.inWords().isEmpty()
                        ? "Nothing moved beyond what the gauges and the conditions leave open."
                        : String.join(" ", whole.inWords())));
        words.add(
                switch (state) {
                    case STEADY ->
                        "From " + hours(before) + " to " + hours(last)
                                + " nothing moved beyond that any more: as far as these gauges tell, it is run in."
                                + atMost(lately);
                    case STILL_BETTER ->
                        "From " + hours(before) + " to " + hours(last)
                                + " it still got better: run it on, and measure again.";
                    case WORSE ->
                        "From " + hours(before) + " to " + hours(last)
                                + " it got worse. That is no run-in: look for why before it is run on.";
                    case CANNOT_BE_TOLD ->
                        "Whether it is run in cannot be told yet: the last two visits "
                                + (lately.claims().isEmpty()
                                        ? "measured nothing that compares."
                                        : "lie less than " + Say.number(APART) + " h apart.");
                });
        return new RunIn(first.hours(), last.hours(), run.size(), state, words);
    }

    private static Comparison between(At before, At after, List<Change> changes) {
        return Comparison.of(before.visit(), after.visit(), Changes.between(before.visit(), after.visit(), changes));
    }

    private static RunInState state(Comparison lately, double apart) {
        List<Claim> claimed = lately.claims().stream().filter(Claim::claimed).toList();
        if (claimed.stream().anyMatch(c -> !c.better())) {
            return RunInState.WORSE;
        }
        if (!claimed.isEmpty()) {
            return RunInState.STILL_BETTER;
        }
        return lately.claims().isEmpty() || apart < APART ? RunInState.CANNOT_BE_TOLD : RunInState.STEADY;
    }

    /** What it may have moved all the same: likeness is only as good as what was measured. */
    private static String atMost(Comparison lately) {
        return lately.claims().stream()
                .filter(c -> c.cylinder().isEmpty())
                .findFirst()
                .map(c -> " " + Say.sentence(c.measure().words()) + " may still have moved by "
                        + c.measure().moved(c.low()) + " to " + c.measure().moved(c.high()) + ".")
                .orElse("");
    }

    private static String hours(At at) {
        return Say.number(Math.rint(at.hours())) + " h";
    }
}
