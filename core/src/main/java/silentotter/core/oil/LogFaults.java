package silentotter.core.oil;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import silentotter.core.oil.LevelFit.Gain;
import silentotter.core.oil.LevelFit.Slip;
import silentotter.core.oil.OilLog.Dip;
import silentotter.core.wording.Say;

/**
 * What the dips together say against the log: a step that nothing written explains, a pour that left no step, a dip that is
 * off. One slip after the other is taken out, the one that explains most first, while it explains much more than chance.
 */
final class LogFaults {
    /** What a slip must take off the sum of squares: a honest log has dozens of places for one. */
    private static final double CLEAR = 22;

    /** The same of one dip that says itself that it was hurried or on a slope. */
    private static final double CLEAR_OF_DOUBTFUL = 14;

    private static final int MOST = 4;
    /** Less than this is no fault that anybody could find, level units in millimetres and in spans. */
    private static final double LEAST_MM = 4;

    private static final double LEAST_SPANS = 0.15;
    /** Up to so many dips all places are looked at, beyond them so many of each kind. */
    private static final int ALL_PLACES = 200;

    private static final int PLACES = 25;
    /** Above the full mark by more than the hand that reads and a little over is filled too full. */
    private static final double OVER_SPANS = 0.1;

    private static final double OVER_SIGMAS = 2.5;
    /** Two amounts are the same within this share. */
    private static final double SAME = 0.3;
    /** Written in one unit and meant in another. */
    private static final double[] UNITS = {25.4, 10, 0.1};

    private static final double[] SMALLER = {0.1, 0.473, 0.568};
    private static final double[] LARGER = {10, 3.785, 4.546};
    private static final double SAME_UNIT = 0.12;

    private final OilLog log;
    private final List<Slip> slips = new ArrayList<>();
    private final List<OilFault> faults = new ArrayList<>();
    private LevelFit fit;

    private LogFaults(OilLog log, LevelFit fit) {
        this.log = log;
        this.fit = fit;
    }

    static Optional<LogFaults> in(OilLog log) {
        return log.fit(List.of()).map(fit -> {
            LogFaults found = new LogFaults(log, fit);
            found.overfilled();
            found.search();
            found.rising();
            return found;
        });
    }

    List<OilFault> faults() {
        return faults;
    }

    /** The fit with what was found taken out. */
    LevelFit fit() {
        return fit;
    }

    /** The fit of the same log along another meter, with the same taken out. */
    Optional<LevelFit> fit(OilLog other) {
        List<Slip> there = new ArrayList<>();
        for (Slip slip : slips) {
            int number = log.dips().get(slip.dip()).entry().number();
            IntStream.range(0, other.dips().size())
                    .filter(i -> other.dips().get(i).entry().number() == number)
                    .forEach(i -> there.add(new Slip(i, slip.isStep())));
        }
        return other.fit(there).or(() -> other.fit(List.of()));
    }

    private double least() {
        return log.stick().unit() == StickUnit.MILLIMETRES ? LEAST_MM : LEAST_SPANS;
    }

    private void search() {
        while (faults.size() < MOST) {
            Slip best = null;
            Gain most = new Gain(0, 0);
            double beyond = 1;
            for (Slip slip : places()) {
                Gain gain = fit.gain(slip);
                if (gain.chiSquare() / clear(slip) > beyond && Math.abs(gain.size()) >= least()) {
                    best = slip;
                    most = gain;
                    beyond = gain.chiSquare() / clear(slip);
                }
            }
            if (best == null) {
                return;
            }
            List<Slip> more = new ArrayList<>(slips);
            more.add(best);
            Optional<LevelFit> without = log.fit(more);
            // A stick that is read worse than was said explains much by itself; what is looked for must not count for
            // that.
            if (without.isEmpty() || beyond < without.get().usualScatter()) {
                return;
            }
            slips.add(best);
            fit = without.get();
            name(best, most.size());
        }
    }

    private double clear(Slip slip) {
        return !slip.isStep() && isDoubtful(log.dips().get(slip.dip())) ? CLEAR_OF_DOUBTFUL : CLEAR;
    }

    /** Where a slip may be: everywhere, but in a long log only where neighbours differ most and where dips lie off most. */
    private List<Slip> places() {
        double[] off = fit.residuals();
        double[] apart = new double[off.length];
        for (int i = 1; i < off.length; i++) {
            boolean sameStretch =
                    log.dips().get(i - 1).stretch() == log.dips().get(i).stretch();
            apart[i] = sameStretch ? Math.abs(off[i] - off[i - 1]) : -1;
        }
        return Stream.concat(
                        most(i -> apart[i], off.length)
                                .filter(i -> i > 0 && apart[i] >= 0)
                                .mapToObj(i -> new Slip(i, true)),
                        most(i -> Math.abs(off[i]), off.length).mapToObj(i -> new Slip(i, false)))
                .filter(s -> !slips.contains(s))
                .toList();
    }

    private static IntStream most(IntToDoubleFunction of, int dips) {
        return dips <= ALL_PLACES
                ? IntStream.range(0, dips)
                : IntStream.range(0, dips)
                        .boxed()
                        .sorted(Comparator.comparingDouble(i -> -of.applyAsDouble(i)))
                        .limit(PLACES)
                        .mapToInt(Integer::intValue);
    }

    private void name(Slip slip, double size) {
        Dip dip = log.dips().get(slip.dip());
        boolean lastOfStretch = slip.dip() == log.dips().size() - 1
                || log.dips().get(slip.dip() + 1).stretch() != dip.stretch();
        Optional<OilFault> off = offByItself(dip, size);
        // A step at the last dip and that dip being off are the same thing; what the line itself admits to goes first.
        if (!slip.isStep() || lastOfStretch && off.isPresent()) {
            faults.add(off.orElseGet(() -> dipOff(dip, size)));
            return;
        }
        faults.add(step(dip, size, lastOfStretch));
    }

    /** A dip that would fit with another sign, in another unit, or that was hurried or on a slope. */
    private Optional<OilFault> offByItself(Dip dip, double size) {
        if (isDoubtful(dip)) {
            return Optional.of(dipOff(dip, size));
        }
        double meant = dip.level() - size;
        double close = Math.max(2.5 * log.stick().sigma(dip.entry()), 0.15 * Math.abs(meant));
        if (Math.abs(-dip.level() - meant) < close && Math.abs(dip.level()) > least() / 2) {
            return Optional.of(fault(
                    OilFaultKind.WRONG_SIGN,
                    List.of(dip.entry().number()),
                    size,
                    "The dip" + OilSlips.when(dip.entry()) + " would fit on the other side of the full mark.",
                    "Was it above the mark or below it? Change its sign."));
        }
        for (double unit : UNITS) {
            if (Math.abs(dip.level() * unit - meant) < close && Math.abs(size) > 2 * close) {
                return Optional.of(fault(
                        OilFaultKind.UNIT_SLIP,
                        List.of(dip.entry().number()),
                        size,
                        "The dip" + OilSlips.when(dip.entry()) + " would fit as "
                                + (unit > 20 ? "inches." : "ten times as much, or a tenth: a decimal has slipped."),
                        "Look at the note again: which unit, and where its decimal stands."));
            }
        }
        return Optional.empty();
    }

    private static boolean isDoubtful(Dip dip) {
        return dip.entry().hurried() || dip.entry().sloping();
    }

    private OilFault dipOff(Dip dip, double size) {
        String why = dip.entry().hurried()
                ? "it was read too soon after the engine stopped"
                : dip.entry().sloping() ? "it was read on a slope" : "hurried, on a slope, or a slip";
        return fault(
                OilFaultKind.DIP_OFF,
                List.of(dip.entry().number()),
                size,
                "The dip" + OilSlips.when(dip.entry()) + " lies " + levels(size) + (size > 0 ? " above" : " below")
                        + " all others: " + why + ". The others are believed.",
                "Dip again, level, ten minutes after the engine stopped.");
    }

    private OilFault step(Dip dip, double size, boolean last) {
        List<OilEntry> pours = dip.pouredBefore();
        List<Integer> lines =
                new ArrayList<>(pours.stream().map(OilEntry::number).toList());
        Optional<Double> litres = log.stick().litres(size);
        double poured = pours.stream().mapToDouble(OilEntry::litresBest).sum();
        if (size < 0 && litres.isPresent() && poured > 0) {
            Optional<OilEntry> missing = pours.stream()
                    .filter(p -> Math.abs(litres.get() + p.litresBest()) < SAME * p.litresBest())
                    .findFirst();
            if (missing.isPresent()) {
                return fault(
                        OilFaultKind.NOT_POURED,
                        List.of(missing.get().number(), dip.entry().number()),
                        size,
                        Say.litres(missing.get().litresBest()) + " were written down" + OilSlips.when(missing.get())
                                + ", and the stick never rose: not poured, written twice, or into another engine.",
                        "Ask who poured it; set the line aside if nobody did.");
            }
        }
        double times = poured > 0 ? litres.map(l -> (poured + l) / poured).orElse(1.0) : 1;
        if (Arrays.stream(SMALLER).anyMatch(u -> Math.abs(times / u - 1) < SAME_UNIT)) {
            return fault(
                    OilFaultKind.UNIT_SLIP,
                    lines,
                    size,
                    Say.litres(poured) + " top-up" + OilSlips.when(pours.get(0)) + " raised the stick as "
                            + Say.litres(poured * times) + " would: pints, or a decimal that slipped?",
                    "Look at the note again: which unit, and where its decimal stands.");
        }
        boolean larger = Arrays.stream(LARGER).anyMatch(u -> Math.abs(times / u - 1) < SAME_UNIT);
        lines.add(dip.entry().number());
        String alone = (larger ? " Or what was written as litres was gallons, or a decimal slipped." : "")
                + (last ? " Or that dip alone is off." : "");
        return size > 0
                ? fault(
                        OilFaultKind.UNLOGGED_TOP_UP,
                        lines,
                        size,
                        "The oil stands " + levels(size) + " higher" + since(dip)
                                + " than anything written explains: a top-up" + amount(litres)
                                + " that nobody wrote down." + alone,
                        last
                                ? "Dip again; then ask who topped it up."
                                : "Ask who topped it up, and write it down with its day.")
                : fault(
                        OilFaultKind.LOST_AT_ONCE,
                        lines,
                        size,
                        "The oil fell by " + levels(-size) + amount(litres.map(l -> -l)) + " at once" + since(dip)
                                + ": drained, spilt, a leak, or a run that nobody wrote down." + alone,
                        last
                                ? "Dip again; then look under the engine."
                                : "Ask what happened then, and look under the engine.");
    }

    private String since(Dip dip) {
        int at = log.dips().indexOf(dip);
        return at > 0 && log.dips().get(at - 1).stretch() == dip.stretch()
                ? " between the dips"
                        + OilSlips.when(log.dips().get(at - 1).entry()).replaceFirst("^ (on|at)", "") + " and"
                        + OilSlips.when(dip.entry()).replaceFirst("^ (on|at)", "")
                : OilSlips.when(dip.entry());
    }

    private static String amount(Optional<Double> litres) {
        return litres.map(l -> " of about " + Say.litres(Math.round(10 * l) / 10.0))
                .orElse("");
    }

    private String levels(double size) {
        return log.stick().unit() == StickUnit.MILLIMETRES
                ? Say.number(Math.round(Math.abs(size))) + " mm"
                : Say.number(Math.round(10 * Math.abs(size)) / 10.0) + " spans";
    }

    private OilFault fault(OilFaultKind kind, List<Integer> entries, double size, String says, String check) {
        return new OilFault(kind, entries, log.stick().litres(Math.abs(size)), says, check);
    }

    /** Oil above the full mark is thrown out soon: what follows falls fast and falsely. */
    private void overfilled() {
        double span = log.stick().low().map(l -> -l).orElse(0.0);
        double over = Math.max(least() / 2, OVER_SPANS * span);
        int stretch = -1;
        for (Dip dip : log.dips()) {
            boolean first = dip.stretch() != stretch;
            stretch = dip.stretch();
            if (first && dip.level() - OVER_SIGMAS * log.stick().sigma(dip.entry()) > over) {
                faults.add(fault(
                        OilFaultKind.OVERFILLED,
                        List.of(dip.entry().number()),
                        dip.level(),
                        "It was filled " + levels(dip.level()) + " above the full mark" + OilSlips.when(dip.entry())
                                + ": what stands above it is thrown out soon and counts as use.",
                        "Count from the first dip that stands at the full mark."));
                return;
            }
        }
    }

    private void rising() {
        double reach = 3 * fit.rateSigma();
        if (fit.rate() + reach < 0) {
            faults.add(fault(
                    OilFaultKind.RISING,
                    List.of(),
                    0,
                    "The level rises by itself: fuel or coolant gets into the oil, and hides what is lost.",
                    "Smell the stick and drop oil on paper: fuel spreads at once. Look at the coolant level."));
        }
    }
}
