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
    /** After so many hours an engine has run in, or never will: the first visit after them is the last. Trade practice. */
    private static final double LONGEST = 250;
    /** Between the last two visits at least so many have to lie for their likeness to say something. Trade practice. */
    private static final double APART = 5;

    /** Running in moves compression by ten per cent or so: gauges that leave more open cannot tell its end. Trade practice. */
    private static final double KNOWN_WELL = .12;

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
            boolean over = !run.isEmpty() && run.get(run.size() - 1).hours() > LONGEST;
            since.filter(h -> !over).ifPresent(h -> run.add(new At(v, h)));
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
        return new RunIn(
                first.hours(),
                last.hours(),
                run.size(),
                state,
                List.of(
                        "Since it was built, from " + hours(first) + " to " + hours(last) + ", " + run.size()
                                + " visits. " + moved(whole),
                        inWords(state, before, last, lately)));
    }

    private static String moved(Comparison whole) {
        return whole.inWords().isEmpty()
                ? "Nothing moved beyond what the gauges and the conditions leave open."
                : String.join(" ", whole.inWords());
    }

    private static String inWords(RunInState state, At before, At last, Comparison lately) {
        String from = "From " + hours(before) + " to " + hours(last);
        return switch (state) {
            case STEADY ->
                from + " nothing moved beyond that any more: as far as these gauges tell, it is run in." + open(lately);
            case STILL_BETTER -> from + " it still got better: run it on, and measure again.";
            case WORSE -> from + " it got worse. That is no run-in: look for why before it is run on.";
            case CANNOT_BE_TOLD -> "Whether it is run in cannot be told yet." + why(before, last, lately);
        };
    }

    private static String why(At before, At last, Comparison lately) {
        if (last.hours() - before.hours() < APART) {
            return " The last two visits lie less than " + Say.number(APART) + " h apart.";
        }
        return together(lately).isEmpty()
                ? " The last two visits measured no compression that compares."
                : open(lately) + " Another visit, measured alike, tells more.";
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
        boolean known = together(lately)
                .filter(c -> c.low() > -KNOWN_WELL && c.high() < KNOWN_WELL)
                .isPresent();
        return known && apart >= APART ? RunInState.STEADY : RunInState.CANNOT_BE_TOLD;
    }

    /** What all cylinders moved by together. */
    private static Optional<Claim> together(Comparison lately) {
        return lately.claims().stream()
                .filter(c -> c.measure() == Measure.COMPRESSION && c.cylinder().isEmpty())
                .findFirst();
    }

    /** Likeness is only as good as what was measured. */
    private static String open(Comparison lately) {
        return together(lately)
                .map(c -> " Compression may still have moved by " + c.measure().moved(c.low()) + " to "
                        + c.measure().moved(c.high()) + ".")
                .orElse("");
    }

    private static String hours(At at) {
        return Say.number(Math.rint(at.hours())) + " h";
    }
}
