package silentotter.core.oil;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import silentotter.core.oil.OilLog.Dip;
import silentotter.core.oil.OilLog.Placed;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Say;

/** What was done to the engine, and whether its oil use differs since. */
record OilChanges(RateWords words, List<OilEvent> events) {
    /** Two rates differ from here, in standard deviations: 99 % both ways. */
    static final double DIFFERENT = 2.576;

    private static final int MOST_CHANGES = 6;

    /** Something that was done. @param earlier the numbers of the dips before it */
    private record Done(Optional<LocalDate> date, String what, Set<Integer> earlier) {}

    List<OilChange> in(OilLog log) {
        List<Done> all = done(log);
        List<OilChange> changes = new ArrayList<>();
        // The newest only: each asks for two fits, and a log of years has dozens.
        for (int i = all.size() - 1; i >= 0 && changes.size() < MOST_CHANGES; i--) {
            change(log, all.get(i)).ifPresent(c -> changes.add(0, c));
        }
        return changes;
    }

    /** For each thing that was done, the numbers of the dips before it. */
    List<Set<Integer>> earlier(OilLog log) {
        return done(log).stream().map(Done::earlier).distinct().toList();
    }

    private List<Done> done(OilLog log) {
        List<Done> all = new ArrayList<>();
        String grade = "";
        for (Placed p : log.placed()) {
            OilEntry e = p.entry();
            if (e.kind() == OilEntryKind.FILL) {
                String what = e.grade().isEmpty() || e.grade().equals(grade)
                        ? "oil change"
                        : grade.isEmpty()
                                ? "oil change, " + Say.typed(e.grade())
                                : "oil change from " + Say.typed(grade) + " to " + Say.typed(e.grade());
                int own = stretchOf(log, p);
                all.add(new Done(e.date(), what, numbers(log, d -> d.at() <= p.at() && d.stretch() < own)));
            }
            grade = e.grade().isEmpty() ? grade : e.grade();
        }
        for (OilEvent event : events) {
            all.add(new Done(
                    Optional.of(event.date()),
                    "repair",
                    numbers(
                            log,
                            d -> d.entry()
                                    .date()
                                    .map(x -> x.isBefore(event.date()))
                                    .orElse(false))));
        }
        return all;
    }

    private static Set<Integer> numbers(OilLog log, Predicate<Dip> earlier) {
        return log.dips().stream().filter(earlier).map(d -> d.entry().number()).collect(Collectors.toSet());
    }

    private static int stretchOf(OilLog log, Placed p) {
        return log.dips().stream()
                .filter(d -> d.at() >= p.at())
                .mapToInt(Dip::stretch)
                .findFirst()
                .orElse(Integer.MAX_VALUE);
    }

    private Optional<OilChange> change(OilLog log, Done done) {
        Set<Integer> first = done.earlier();
        Optional<LevelFit> before = log.only(e -> first.contains(e.number())).fit(List.of());
        Optional<LevelFit> after = log.only(e -> !first.contains(e.number())).fit(List.of());
        return before.flatMap(b -> after.map(a -> {
            double apart = (a.rate() - b.rate()) / Math.hypot(a.rateSigma(), b.rateSigma());
            boolean differs = Math.abs(apart) > DIFFERENT;
            Estimate<Double> was = words.shown(log.meter(), b);
            Estimate<Double> is = words.shown(log.meter(), a);
            return new OilChange(
                    done.date(),
                    done.what(),
                    was,
                    is,
                    differs,
                    differs
                            ? "It uses " + (apart > 0 ? "more" : "less") + " since: " + words.range(log.meter(), was)
                                    + " before, " + words.range(log.meter(), is) + " after."
                            : "No difference is proved: " + words.range(log.meter(), was) + " before, "
                                    + words.range(log.meter(), is) + " after.");
        }));
    }
}
