package silentotter.core.oil;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * A log laid out along one meter, in stretches: an oil change, a pour of unknown size and a change of the meter begin a new
 * one. The order in which lines were written down does not matter.
 */
final class OilLog {
    /** A drain of less than this share of the filling is a step, and no oil change. */
    private static final double SAMPLE_SHARE = 0.25;
    /** No engine runs further in a day, in kilometres or hours: two readings of one day this far apart are of two meters. */
    private static final double MOST_A_DAY = 2000;

    /** A line in its place. @param read whether its own meter said so; otherwise it was placed by its date */
    record Placed(OilEntry entry, double at, int epoch, boolean read) {}

    /** A dip in its place, with what was poured since the dip before in its stretch. */
    record Dip(OilEntry entry, double at, double level, int stretch, List<OilEntry> pouredBefore) {}

    private final Meter meter;
    private final Stick stick;
    private final List<Placed> placed;
    private final List<OilEntry> unplaced;
    private final List<List<LevelPoint>> stretches = new ArrayList<>();
    private final List<Dip> dips = new ArrayList<>();

    private OilLog(Meter meter, Stick stick, List<Placed> placed, List<OilEntry> unplaced) {
        this.meter = meter;
        this.stick = stick;
        this.placed = placed;
        this.unplaced = unplaced;
    }

    /**
     * @param filling litres at an oil change, where known
     * @param unknownAmount lines whose litres are not to be believed: each begins a new stretch
     */
    static OilLog of(
            List<OilEntry> entries, Meter meter, Stick stick, Optional<Double> filling, Set<Integer> unknownAmount) {
        List<OilEntry> unplaced = new ArrayList<>();
        List<Placed> placed = placed(entries, meter, unplaced);
        OilLog log = new OilLog(meter, stick, placed, unplaced);
        log.stretch(filling, unknownAmount);
        return log;
    }

    private static List<Placed> placed(List<OilEntry> entries, Meter meter, List<OilEntry> unplaced) {
        List<OilEntry> breaks = entries.stream()
                .filter(OilEntry::newMeter)
                .sorted(Comparator.comparing(
                        e -> e.date().map(d -> d.toEpochDay()).orElse(Long.MIN_VALUE)))
                .toList();
        Map<Integer, List<OilEntry>> known = new HashMap<>();
        for (OilEntry e : entries) {
            if (e.on(meter).isPresent() && e.date().isPresent()) {
                known.computeIfAbsent(epoch(e, breaks, meter), k -> new ArrayList<>())
                        .add(e);
            }
        }
        known.values().forEach(l -> l.sort(Comparator.comparing(e -> e.date().orElseThrow())));
        List<Placed> all = new ArrayList<>();
        for (OilEntry e : entries) {
            int epoch = epoch(e, breaks, meter);
            Optional<Double> own = e.on(meter);
            // A dip without its own place says nothing about a rate; what was poured only has to stand between dips.
            Optional<Double> at = own.isPresent() || e.isDip()
                    ? own
                    : e.date().flatMap(d -> between(known.getOrDefault(epoch, List.of()), d.toEpochDay(), meter));
            at.ifPresentOrElse(a -> all.add(new Placed(e, a, epoch, own.isPresent())), () -> unplaced.add(e));
        }
        all.sort(Comparator.comparingInt(Placed::epoch)
                .thenComparingDouble(Placed::at)
                .thenComparing(p -> p.entry().date().map(d -> d.toEpochDay()).orElse(Long.MIN_VALUE)));
        return tied(all);
    }

    /** A changed meter counts from its own line on: by date, or by judged at that line itself. */
    private static int epoch(OilEntry e, List<OilEntry> breaks, Meter meter) {
        if (meter == Meter.DATE) {
            return 0;
        }
        int epoch = 0;
        for (OilEntry b : breaks) {
            boolean from = b == e
                    || e.date().isPresent()
                            && b.date().isPresent()
                            && (e.date().get().isAfter(b.date().get())
                                    || e.date().equals(b.date()) && closer(e, b, meter));
            epoch += from ? 1 : 0;
        }
        return epoch;
    }

    /** Of two lines of one day, whether this one reads the new meter. */
    private static boolean closer(OilEntry e, OilEntry b, Meter meter) {
        return e.on(meter)
                .flatMap(here -> b.on(meter).map(there -> Math.abs(here - there) <= MOST_A_DAY))
                .orElse(true);
    }

    private static Optional<Double> between(List<OilEntry> known, long day, Meter meter) {
        OilEntry before = null;
        for (OilEntry e : known) {
            long at = e.date().orElseThrow().toEpochDay();
            double here = e.on(meter).orElseThrow();
            if (at >= day) {
                if (before == null || at == day) {
                    return Optional.of(here);
                }
                long from = before.date().orElseThrow().toEpochDay();
                double there = before.on(meter).orElseThrow();
                return Optional.of(there + (here - there) * (day - from) / (at - from));
            }
            before = e;
        }
        return before == null ? Optional.empty() : before.on(meter);
    }

    /** Lines at one place in the order in which they were done, whatever the order in which they were written. */
    private static List<Placed> tied(List<Placed> sorted) {
        List<Placed> result = new ArrayList<>();
        int from = 0;
        while (from < sorted.size()) {
            int to = from + 1;
            while (to < sorted.size() && same(sorted.get(from), sorted.get(to))) {
                to++;
            }
            result.addAll(to - from > 1 ? inOrder(sorted.subList(from, to)) : sorted.subList(from, to));
            from = to;
        }
        return result;
    }

    private static boolean same(Placed a, Placed b) {
        return a.epoch() == b.epoch()
                && a.at() == b.at()
                && (a.entry().date().equals(b.entry().date())
                        || a.entry().date().isEmpty()
                        || b.entry().date().isEmpty());
    }

    /**
     * The stick is read, then oil is poured; a second dip there is of what was poured, and so is the only one at an oil
     * change. Whoever wrote which it was is believed.
     */
    private static List<Placed> inOrder(List<Placed> tie) {
        List<Placed> pours = tie.stream()
                .filter(p -> !p.entry().isDip())
                .sorted(Comparator.<Placed>comparingInt(p -> p.entry().kind() == OilEntryKind.DRAIN ? 0 : 1)
                        .thenComparingDouble(p -> p.entry().litresBest()))
                .toList();
        List<Placed> dips = tie.stream()
                .filter(p -> p.entry().isDip())
                .sorted(Comparator.comparingDouble(
                        p -> p.entry().mm().or(p.entry()::spans).orElse(0.0)))
                .toList();
        boolean change = pours.stream().anyMatch(p -> p.entry().kind() == OilEntryKind.FILL);
        List<Placed> before = new ArrayList<>();
        List<Placed> after = new ArrayList<>();
        for (int i = 0; i < dips.size(); i++) {
            boolean lowest = i == 0 && (dips.size() > 1 || !change);
            boolean later = dips.get(i).entry().afterPouring().orElse(!lowest);
            (later && !pours.isEmpty() ? after : before).add(dips.get(i));
        }
        before.addAll(pours);
        before.addAll(after);
        return before;
    }

    private void stretch(Optional<Double> filling, Set<Integer> unknownAmount) {
        List<LevelPoint> open = new ArrayList<>();
        List<OilEntry> poured = new ArrayList<>();
        int epoch = 0;
        for (Placed p : placed) {
            OilEntry e = p.entry();
            if (p.epoch() != epoch || begins(e, filling, unknownAmount)) {
                stretches.add(open);
                open = new ArrayList<>();
                poured = new ArrayList<>();
                epoch = p.epoch();
            }
            if (e.isDip()) {
                Optional<Double> level = stick.level(e);
                if (level.isPresent()) {
                    open.add(new LevelPoint(p.at(), OptionalDouble.of(level.get()), stick.sigma(e), 0, 0, 0));
                    dips.add(new Dip(e, p.at(), level.get(), stretches.size(), List.copyOf(poured)));
                    poured = new ArrayList<>();
                }
            } else if (!begins(e, filling, unknownAmount)) {
                boolean out = e.kind() == OilEntryKind.DRAIN;
                double litres = e.litresBest();
                open.add(new LevelPoint(
                        p.at(), OptionalDouble.empty(), 1, out ? 0 : litres, out ? litres : 0, e.litresSigma()));
                poured.add(e);
            }
        }
        stretches.add(open);
    }

    /** Whether the level after a line is not known from that before it. */
    private boolean begins(OilEntry e, Optional<Double> filling, Set<Integer> unknownAmount) {
        if (e.isDip()) {
            return false;
        }
        boolean change = e.kind() == OilEntryKind.FILL
                || e.kind() == OilEntryKind.DRAIN
                        && !(filling.isPresent() && e.litresBest() < SAMPLE_SHARE * filling.get());
        return change || e.litres().isEmpty() || stick.perLitre().isEmpty() || unknownAmount.contains(e.number());
    }

    /** The same log with the dips that fit only, such as those before a change of the oil. */
    OilLog only(Predicate<OilEntry> wanted) {
        OilLog less = new OilLog(meter, stick, placed, unplaced);
        for (int s = 0; s < stretches.size(); s++) {
            less.stretches.add(new ArrayList<>());
        }
        int dip = 0;
        for (int s = 0; s < stretches.size(); s++) {
            for (LevelPoint p : stretches.get(s)) {
                boolean isDip = p.level().isPresent();
                if (!isDip || wanted.test(dips.get(dip).entry())) {
                    less.stretches.get(s).add(p);
                    if (isDip) {
                        less.dips.add(dips.get(dip));
                    }
                }
                dip += isDip ? 1 : 0;
            }
        }
        return less;
    }

    /** Of its dips. */
    Set<Integer> numbers() {
        return dips.stream().map(d -> d.entry().number()).collect(Collectors.toCollection(HashSet::new));
    }

    /** Whether some stretch has two dips at different places. */
    boolean hasDipsApart() {
        for (int i = 1; i < dips.size(); i++) {
            if (dips.get(i).stretch() == dips.get(i - 1).stretch()
                    && dips.get(i).at() > dips.get(i - 1).at()) {
                return true;
            }
        }
        return false;
    }

    Optional<LevelFit> fit(List<LevelFit.Slip> slips) {
        return LevelFit.of(stretches, stick.perLitre().orElse(1.0), slips);
    }

    /** What a litre is worth on this stick, from what was poured between dips. */
    Optional<LevelFit.Learnt> learn() {
        return LevelFit.learn(stretches);
    }

    Meter meter() {
        return meter;
    }

    Stick stick() {
        return stick;
    }

    List<Placed> placed() {
        return placed;
    }

    /** Lines that do not count on this meter: a dip without its reading, a pour without date and reading. */
    List<OilEntry> unplaced() {
        return unplaced;
    }

    List<Dip> dips() {
        return dips;
    }

    /** Axis units a day, from the first to the last line that has both; empty where that is not known. */
    Optional<Double> perDay() {
        if (meter == Meter.DATE) {
            return Optional.of(1.0);
        }
        double days = 0;
        double run = 0;
        Placed before = null;
        for (Placed p : placed) {
            if (p.read() && p.entry().date().isPresent()) {
                if (before != null && before.epoch() == p.epoch()) {
                    days += p.entry().date().get().toEpochDay()
                            - before.entry().date().orElseThrow().toEpochDay();
                    run += p.at() - before.at();
                }
                before = p;
            }
        }
        return days > 0 && run > 0 ? Optional.of(run / days) : Optional.empty();
    }
}
