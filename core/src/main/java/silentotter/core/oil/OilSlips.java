package silentotter.core.oil;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import silentotter.core.engine.OilData;
import silentotter.core.quantity.Volume;
import silentotter.core.wording.Say;

/**
 * What is wrong with single lines of a log, before anything is fitted: written twice, in another unit, against the meter or
 * beyond the stick. What it names is left out of the fit, so that the rest still stands.
 */
final class OilSlips {
    /** More than this many spans at once, or than the whole filling, nobody pours. */
    private static final double MOST_SPANS = 4;
    /** A dip further than this beyond the stick is no dip. */
    private static final double BEYOND_SPANS = 2.5;
    /** A meter that runs this many times its usual way in a day was read wrongly. */
    private static final double MOST_TIMES_USUAL = 15;

    private final OilData oil;
    private final List<OilEntry> log;
    private final List<OilFault> faults = new ArrayList<>();
    /** Lines that do not count, and lines of which only the amount does not. */
    private final Set<Integer> leftOut = new HashSet<>();

    private final Set<Integer> unknownAmount = new HashSet<>();

    private OilSlips(OilData oil, List<OilEntry> log) {
        this.oil = oil;
        this.log = log;
    }

    /** @param log lines that count */
    static OilSlips in(OilData oil, List<OilEntry> log) {
        OilSlips slips = new OilSlips(oil, log);
        slips.writtenTwice();
        slips.tooMuch();
        slips.beyondTheStick();
        slips.againstTheMeter(Meter.DISTANCE);
        slips.againstTheMeter(Meter.HOURS);
        return slips;
    }

    List<OilFault> faults() {
        return faults;
    }

    List<OilEntry> rest() {
        return log.stream().filter(e -> !leftOut.contains(e.number())).toList();
    }

    Set<Integer> unknownAmount() {
        return unknownAmount;
    }

    private void writtenTwice() {
        Map<Same, OilEntry> first = new HashMap<>();
        for (OilEntry e : log) {
            OilEntry other = e.isDip() ? null : first.putIfAbsent(Same.of(e), e);
            if (other != null) {
                leftOut.add(e.number());
                faults.add(new OilFault(
                        OilFaultKind.DOUBLE_ENTRY,
                        List.of(other.number(), e.number()),
                        e.litres().map(l -> l.best()),
                        "The same " + e.kind().words() + amount(e) + " stands in the log twice" + when(e)
                                + "; it is counted once.",
                        "Ask whether it was poured once or twice; set one aside, or change it."));
            }
        }
    }

    /** What makes two pours the same one. */
    private record Same(
            OilEntryKind kind,
            Optional<LocalDate> date,
            Optional<Double> km,
            Optional<Double> hours,
            Optional<Double> litres) {
        static Same of(OilEntry e) {
            return new Same(e.kind(), e.date(), e.km(), e.hours(), e.litres().map(l -> l.best()));
        }
    }

    static String amount(OilEntry e) {
        return e.litres().map(l -> " of " + Say.litres(l.best())).orElse("");
    }

    static String when(OilEntry e) {
        return e.date()
                .map(d -> " on " + d)
                .or(() -> e.hours().map(h -> " at " + Say.number(h) + " h"))
                .or(() -> e.km().map(k -> " at " + Say.kilometres(k)))
                .orElse("");
    }

    private void tooMuch() {
        Optional<Double> span = oil.dipstickSpanVolume().map(Volume::litres);
        Optional<Double> filling = oil.filling().map(Volume::litres);
        Optional<Double> most = filling.or(() -> span.map(s -> MOST_SPANS * s));
        for (OilEntry e : log) {
            boolean poured = e.kind() == OilEntryKind.TOP_UP;
            double limit = most.map(m -> poured ? m : 1.5 * m).orElse(Double.POSITIVE_INFINITY);
            boolean knowsFilling = filling.isPresent() || poured;
            if (knowsFilling && e.litresBest() > limit) {
                unknownAmount.add(e.number());
                double mL = e.litresBest() / 1000;
                String guess = mL < limit && mL >= 0.02 ? " Millilitres, that would be " + Say.litres(mL) + "?" : "";
                faults.add(new OilFault(
                        OilFaultKind.UNIT_SLIP,
                        List.of(e.number()),
                        Optional.of(e.litresBest()),
                        Say.litres(e.litresBest()) + " " + e.kind().words() + when(e)
                                + " is more than goes into this engine." + guess,
                        "Look at the note again: which unit, and where its decimal stands."));
            }
        }
    }

    private void beyondTheStick() {
        double mm = oil.dipstickSpan().map(s -> s.mm()).orElse(Double.POSITIVE_INFINITY);
        for (OilEntry e : log) {
            double spans = e.spans().or(() -> e.mm().map(m -> m / mm)).orElse(0.0);
            if (spans < -BEYOND_SPANS || spans > BEYOND_SPANS - 1) {
                leftOut.add(e.number());
                faults.add(new OilFault(
                        OilFaultKind.UNIT_SLIP,
                        List.of(e.number()),
                        Optional.empty(),
                        "The dip" + when(e) + " lies " + Say.number(Math.round(10 * Math.abs(spans)) / 10.0)
                                + " spans off the full mark: no stick is that long.",
                        "Look at the note again: which unit, and from which mark."));
            }
        }
    }

    /** Lines of which the meter runs backwards, or far faster than it ever did. */
    private void againstTheMeter(Meter meter) {
        List<OilEntry> dated = new ArrayList<>(rest().stream()
                .filter(e -> e.date().isPresent() && e.on(meter).isPresent())
                .sorted(Comparator.comparing((OilEntry e) -> e.date().orElseThrow())
                        .thenComparing(e -> e.on(meter).orElseThrow()))
                .toList());
        for (int i = 1; i < dated.size(); i++) {
            OilEntry before = dated.get(i - 1);
            OilEntry e = dated.get(i);
            if (e.newMeter() || e.on(meter).orElseThrow() >= before.on(meter).orElseThrow()) {
                continue;
            }
            // Of the two, the one without which the others run forwards.
            boolean earlierFits = i < 2
                    || dated.get(i - 2).on(meter).orElseThrow() <= e.on(meter).orElseThrow();
            boolean laterFits = i + 1 >= dated.size()
                    || dated.get(i + 1).newMeter()
                    || dated.get(i + 1).on(meter).orElseThrow()
                            >= before.on(meter).orElseThrow();
            OilEntry wrong = earlierFits && !(laterFits && i + 1 < dated.size()) ? before : e;
            slipped(wrong, meter, "runs backwards");
            dated.remove(wrong);
            i = Math.max(0, i - 2);
        }
        tooFast(dated, meter);
    }

    private void tooFast(List<OilEntry> dated, Meter meter) {
        List<Double> perDay = new ArrayList<>();
        for (int i = 1; i < dated.size(); i++) {
            perDay.add(perDay(dated.get(i - 1), dated.get(i), meter));
        }
        if (perDay.size() < 4) {
            return;
        }
        double usual = perDay.stream().sorted().toList().get(perDay.size() / 2);
        double last = perDay.get(perDay.size() - 1);
        if (usual > 0 && last > MOST_TIMES_USUAL * usual) {
            slipped(dated.get(dated.size() - 1), meter, "has run many times its usual way");
        }
    }

    private static double perDay(OilEntry a, OilEntry b, Meter meter) {
        long days = ChronoUnit.DAYS.between(a.date().orElseThrow(), b.date().orElseThrow());
        return b.newMeter() ? 0 : (b.on(meter).orElseThrow() - a.on(meter).orElseThrow()) / Math.max(1, days);
    }

    private void slipped(OilEntry e, Meter meter, String how) {
        leftOut.add(e.number());
        faults.add(new OilFault(
                OilFaultKind.METER_SLIP,
                List.of(e.number()),
                Optional.empty(),
                "The meter " + how + when(e) + ": "
                        + e.on(meter).map(Say::number).orElse("") + (meter == Meter.HOURS ? " h" : " km")
                        + ". That line is left out.",
                "A slip of a digit, or another meter? Change the line, or tick that the meter is another one."));
    }
}
