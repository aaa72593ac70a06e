package silentotter.core.oil;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import silentotter.core.engine.Engine;
import silentotter.core.engine.OilData;
import silentotter.core.oil.AxisResult.Line;
import silentotter.core.oil.AxisResult.Place;
import silentotter.core.oil.AxisResult.Spot;
import silentotter.core.oil.LevelFit.Level;
import silentotter.core.oil.OilLog.Dip;
import silentotter.core.oil.OilLog.Placed;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.Volume;
import silentotter.core.wording.Say;

/** Turns an oil log into a rate, a date, and what is not proved yet. */
final class OilAnalyst {
    /** A litre that was learnt from the dips is used once it is known this well, as a share. */
    private static final double LEARNT_WELL = 0.25;
    /** Two rates differ from here, in standard deviations: 99 % both ways. */
    private static final double DIFFERENT = 2.576;
    /** How much of the oil's life may pass until somebody looks again. */
    private static final double HALFWAY = 0.5;

    private static final int MOST_CHANGES = 6;
    /** One standard deviation of what all pours share, the jug they were measured in: many of them do not average it out. */
    private static final double JUG_SHARE = 0.02;

    private final Engine engine;
    private final OilData oil;
    private final List<OilEntry> counting;
    private final List<OilTrial> trials;
    private final List<OilEvent> events;
    private final OilSlips slips;
    private final Stick stick;
    private final boolean learnt;
    private final List<String> notes = new ArrayList<>();

    private OilAnalyst(Engine engine, List<OilEntry> entries, List<OilTrial> trials, List<OilEvent> events) {
        this.engine = engine;
        this.oil = engine.oil();
        this.counting = entries.stream()
                .filter(OilEntry::counts)
                .sorted(Comparator.comparingInt(OilEntry::number))
                .toList();
        this.trials = trials.stream().filter(OilTrial::counts).toList();
        this.events = events;
        this.slips = OilSlips.in(oil, counting);
        Stick told = Stick.of(oil, slips.rest());
        Optional<Stick> taught = told.perLitre().isPresent() ? Optional.empty() : taught(told);
        this.stick = taught.orElse(told);
        this.learnt = taught.isPresent();
    }

    static OilAnalysis analyse(
            Engine engine, List<OilEntry> entries, List<OilTrial> trials, List<OilEvent> events, OilSchool leading) {
        return entries.isEmpty() ? OilAnalysis.NONE : new OilAnalyst(engine, entries, trials, events).analysis(leading);
    }

    private Optional<Double> filling() {
        return oil.withFilter().or(oil::withoutFilter).map(Volume::litres);
    }

    private OilLog on(Meter meter, Stick own) {
        return OilLog.of(slips.rest(), meter, own, filling(), slips.unknownAmount());
    }

    /** The same stick with a litre's worth learnt from what was poured between its dips. */
    private Optional<Stick> taught(Stick told) {
        return Stream.of(Meter.values())
                .flatMap(m -> on(m, told.knowing(1, 0)).learn().stream())
                .filter(l -> l.perLitre() > 0 && l.sigma() < LEARNT_WELL * l.perLitre())
                .findFirst()
                .map(l -> told.knowing(l.perLitre(), l.sigma() / l.perLitre()));
    }

    /** Along each meter with dips apart, the one with most of them first; by date only where there is nothing else. */
    private List<OilLog> logs() {
        return Stream.of(Meter.values())
                .map(m -> on(m, stick))
                .filter(OilLog::hasDipsApart)
                .sorted(Comparator.<OilLog>comparingInt(l -> l.meter() == Meter.DATE ? 1 : 0)
                        .thenComparing(l -> -l.dips().size()))
                .toList();
    }

    private OilAnalysis analysis(OilSchool leading) {
        List<OilLog> logs = logs();
        List<OilFault> faults = new ArrayList<>(slips.faults());
        Optional<OilLog> primary = logs.stream().findFirst();
        Optional<LogFaults> found = primary.flatMap(LogFaults::in);
        found.ifPresent(f -> faults.addAll(f.faults()));
        Optional<LevelFit> fit = found.map(LogFaults::fit);
        List<AxisResult> axes = new ArrayList<>();
        for (OilLog log : logs) {
            boolean first = log == primary.orElse(null);
            (first ? fit : found.flatMap(f -> f.fit(log))).ifPresent(f -> axes.add(axis(log, f)));
        }
        primary.ifPresent(log -> fit.flatMap(f -> drained(log, f)).ifPresent(faults::add));
        notes(primary, fit);
        Optional<Estimate<Double>> fuel = percentOfFuel(primary, fit);
        Optional<Estimate<Double>> perKwh = gramsPerKwh(fuel);
        List<OilOpinion> opinions = opinions(axes, fuel, perKwh, leading);
        List<OilProof> proofs =
                primary.flatMap(log -> fit.map(f -> proofs(log, f, opinions))).orElse(List.of());
        return new OilAnalysis(
                stick.unit(),
                stick.low(),
                stick.perLitre(),
                learnt,
                axes,
                fuel,
                perKwh,
                faults,
                opinions,
                proofs,
                primary.map(log -> changes(log)).orElse(List.of()),
                primary.map(log -> trials(log)).orElse(List.of()),
                primary.map(log -> due(log, fit, axes, proofs)).orElse(List.of()),
                notes,
                sentence(axes, faults));
    }

    // The rate along one meter.

    private AxisResult axis(OilLog log, LevelFit fit) {
        OilRate rate = OilRate.of(fit);
        List<Line> lines = fit.runs().stream()
                .map(r -> new Line(place(r.from()), place(r.to())))
                .toList();
        List<Spot> spots = log.placed().stream()
                .map(p -> new Spot(p.entry().number(), p.entry().kind(), p.at(), stick.level(p.entry()), p.read()))
                .toList();
        Optional<Estimate<Double>> litres = litres(rate.perUnit());
        Level now = fit.now();
        return new AxisResult(
                log.meter(),
                spots,
                lines,
                Optional.of(rate.perUnit()),
                log.meter() == Meter.DISTANCE ? litres.map(l -> times(l, 1000)) : Optional.empty(),
                log.meter() == Meter.HOURS ? litres.map(l -> times(l, 1000)) : Optional.empty(),
                Optional.of(times(rate.perUnit(), step(log.meter()))),
                Optional.of(place(now)),
                stick.low().flatMap(low -> rate.until(low).map(u -> shifted(u, now.at()))),
                log.perDay());
    }

    private static Place place(Level level) {
        return new Place(level.at(), level.level(), OilRate.NINETY_FIVE * level.sigma());
    }

    /** What rates are told over: 1000 km, 100 h, 30 days. */
    static double step(Meter meter) {
        return switch (meter) {
            case DISTANCE -> 1000;
            case HOURS -> 100;
            case DATE -> 30;
        };
    }

    /** A rate in litres; what is not well known of a litre on this stick, and of the jug, widens it. */
    private Optional<Estimate<Double>> litres(Estimate<Double> levels) {
        return stick.perLitre().map(p -> {
            double best = levels.best() / p;
            double common = Math.hypot(stick.perLitreShare(), JUG_SHARE);
            double reach = Math.hypot((levels.high() - levels.low()) / 2 / p, OilRate.NINETY_FIVE * common * best);
            return new Estimate<>(best - reach, best, best + reach);
        });
    }

    private static Estimate<Double> times(Estimate<Double> e, double factor) {
        return new Estimate<>(e.low() * factor, e.best() * factor, e.high() * factor);
    }

    private static Estimate<Double> shifted(Estimate<Double> e, double by) {
        return new Estimate<>(e.low() + by, e.best() + by, e.high() + by);
    }

    // Oil against fuel and power.

    /** Oil over fuel between the first and the last dip, where the fuel was written down. */
    private Optional<Estimate<Double>> percentOfFuel(Optional<OilLog> primary, Optional<LevelFit> fit) {
        if (primary.isEmpty() || fit.isEmpty() || primary.get().dips().isEmpty()) {
            return Optional.empty();
        }
        List<Dip> dips = primary.get().dips();
        double from = dips.get(0).at();
        double to = dips.get(dips.size() - 1).at();
        double fuel = primary.get().placed().stream()
                .filter(p -> p.at() > from && p.at() <= to)
                .mapToDouble(p -> p.entry().fuelLitres().orElse(0.0))
                .sum();
        return fuel > 0
                ? litres(OilRate.of(fit.get()).perUnit())
                        .map(l -> times(l, 100 * fit.get().span() / fuel))
                : Optional.empty();
    }

    /** From the share of the fuel, by what engines of its kind burn a kilowatt hour; trade practice. */
    private Optional<Estimate<Double>> gramsPerKwh(Optional<Estimate<Double>> fuel) {
        double burnt = engine.isDiesel() ? 235 : 300;
        double apart = engine.isDiesel() ? 0.12 : 0.18;
        double density = engine.isDiesel() ? 0.84 : 0.745;
        return fuel.map(f -> {
            double grams = f.best() / 100 * 0.87 / density * burnt;
            double own = (f.high() - f.low()) / 2 / Math.max(1e-9, Math.abs(f.best()));
            double reach = Math.abs(grams) * Math.hypot(own, apart);
            return new Estimate<>(grams - reach, grams, grams + reach);
        });
    }

    // Schools and proofs.

    private List<OilOpinion> opinions(
            List<AxisResult> axes,
            Optional<Estimate<Double>> fuel,
            Optional<Estimate<Double>> perKwh,
            OilSchool leading) {
        return Stream.of(OilSchool.values())
                .sorted(Comparator.comparing(s -> s != leading))
                .map(s -> OilSchools.opinion(s, engine.limits(), axes, fuel, perKwh))
                .toList();
    }

    private List<OilProof> proofs(OilLog log, LevelFit fit, List<OilOpinion> opinions) {
        List<OilProof> proofs = new ArrayList<>();
        OilRate rate = OilRate.of(fit);
        boolean uses = rate.perUnit().low() > 0;
        proofs.add(proof(
                log,
                fit,
                "Uses oil at all",
                uses ? Optional.of(true) : Optional.empty(),
                Math.max(rate.perUnit().best(), 0)));
        opinions.stream().filter(o -> o.judged().isPresent()).findFirst().ifPresent(o -> {
            double limit = o.school().measure() == OilSchool.OilMeasure.MAKERS
                    ? makersLimit(log.meter())
                    : o.school().fault();
            double perLimit = o.rate().map(Estimate::best).orElse(0.0);
            // The limit in units of this axis: rate and limit stand in one proportion.
            double away = perLimit == 0 ? 0 : Math.abs(rate.perUnit().best() * (limit / perLimit - 1));
            Optional<Boolean> above = o.rate().get().low() > limit
                    ? Optional.of(true)
                    : o.rate().get().high() < limit ? Optional.of(false) : Optional.empty();
            proofs.add(proof(log, fit, "Above " + o.school().words(), above, away));
        });
        return proofs;
    }

    private double makersLimit(Meter meter) {
        return meter == Meter.HOURS
                ? engine.limits().oilMlPerHour().map(l -> l.value()).orElse(0.0)
                : engine.limits().oilLitresPer1000Km().map(l -> l.value()).orElse(0.0);
    }

    private OilProof proof(OilLog log, LevelFit fit, String asked, Optional<Boolean> proved, double away) {
        if (proved.isPresent()) {
            return new OilProof(asked, proved, Optional.empty(), proved.get() ? "proved" : "proved that it does not");
        }
        double sigma = stick.unit() == StickUnit.MILLIMETRES ? 1 : 0.05;
        OptionalDouble after = away > 0 ? fit.nextDip(away, sigma) : OptionalDouble.of(Double.POSITIVE_INFINITY);
        double oilLeft = OilRate.of(fit)
                .until(stick.low().orElse(Double.NEGATIVE_INFINITY))
                .map(Estimate::best)
                .orElse(Double.POSITIVE_INFINITY);
        double most = Math.max(3 * fit.span(), Double.MIN_NORMAL);
        if (after.isEmpty()) {
            return new OilProof(asked, proved, Optional.empty(), "not proved yet: one more dip tells");
        }
        double n = after.getAsDouble();
        if (n > most || n > oilLeft) {
            return new OilProof(
                    asked,
                    proved,
                    Optional.empty(),
                    "not proved yet, and one dip more will not do: it lies too near. Several dips, each repeated, tell.");
        }
        return new OilProof(asked, proved, Optional.of(n), "not proved yet: dip again after " + along(log.meter(), n));
    }

    static String along(Meter meter, double n) {
        return switch (meter) {
            case DISTANCE -> Say.kilometres(Math.ceil(n / 10) * 10);
            case HOURS -> Say.number(Math.ceil(n)) + " h";
            case DATE -> Say.number(Math.ceil(n)) + " days";
        };
    }

    // The drained oil against the stick.

    private Optional<OilFault> drained(OilLog log, LevelFit fit) {
        Placed filled = null;
        double toppedUp = 0;
        double variance = 0;
        for (Placed p : log.placed()) {
            OilEntry e = p.entry();
            switch (e.kind()) {
                case FILL -> {
                    filled = e.litres().isPresent() ? p : null;
                    toppedUp = e.litresBest();
                    variance = Math.pow(e.litresSigma(), 2);
                }
                case TOP_UP -> {
                    toppedUp += e.litresBest();
                    variance += Math.pow(e.litresSigma(), 2);
                    filled = e.litres().isEmpty() ? null : filled;
                }
                case DRAIN -> {
                    if (filled != null
                            && filled.epoch() == p.epoch()
                            && e.litres().isPresent()) {
                        Optional<OilFault> off = drained(filled, p, toppedUp, variance, fit);
                        if (off.isPresent()) {
                            return off;
                        }
                    }
                    filled = null;
                }
                case DIP -> {
                    // Says nothing about what came out.
                }
            }
        }
        return Optional.empty();
    }

    private Optional<OilFault> drained(Placed filled, Placed drain, double poured, double variance, LevelFit fit) {
        Optional<Estimate<Double>> rate = litres(OilRate.of(fit).perUnit());
        double run = drain.at() - filled.at();
        if (rate.isEmpty() || !(run > 0)) {
            return Optional.empty();
        }
        double used = poured - drain.entry().litresBest();
        double sigma = Math.sqrt(variance + Math.pow(drain.entry().litresSigma(), 2));
        double byStick = rate.get().best() * run;
        double bySigma = (rate.get().high() - rate.get().low()) / 2 / OilRate.NINETY_FIVE * run;
        double apart = (used - byStick) / Math.hypot(sigma, bySigma);
        String both = "By what was filled and drained it used " + signed(used) + ", by the stick " + signed(byStick);
        if (Math.abs(apart) <= DIFFERENT) {
            notes.add(both + ": they agree.");
            return Optional.empty();
        }
        boolean more = drain.entry().litresBest() > poured;
        return Optional.of(new OilFault(
                OilFaultKind.STICK_AGAINST_DRAIN,
                List.of(filled.entry().number(), drain.entry().number()),
                Optional.of(Math.abs(used - byStick)),
                both
                        + (more
                                ? ": more came out than ever went in. Fuel, coolant, or a top-up that nobody wrote down."
                                : ": a stick that lies, or something poured that nobody wrote down. The drained oil is believed."),
                "Measure what is drained next time, hot, in one vessel; compare the stick with a new one."));
    }

    private static String signed(double litres) {
        return (litres < 0 ? "−" : "") + Say.litres(Math.abs(litres));
    }

    // What was done, and what it changed.

    private List<OilChange> changes(OilLog log) {
        List<OilChange> changes = new ArrayList<>();
        String grade = "";
        for (Placed p : log.placed()) {
            OilEntry e = p.entry();
            if (e.kind() == OilEntryKind.FILL) {
                String what = e.grade().isEmpty() || e.grade().equals(grade)
                        ? "oil change"
                        : grade.isEmpty()
                                ? "oil change, " + plain(e.grade())
                                : "oil change from " + plain(grade) + " to " + plain(e.grade());
                change(log, e.date(), what, d -> d.at() <= p.at() && d.stretch() < stretchOf(log, p))
                        .ifPresent(changes::add);
            }
            grade = e.grade().isEmpty() ? grade : e.grade();
        }
        for (OilEvent event : events) {
            change(
                            log,
                            Optional.of(event.date()),
                            "repair",
                            d -> d.entry()
                                    .date()
                                    .map(x -> x.isBefore(event.date()))
                                    .orElse(false))
                    .ifPresent(changes::add);
        }
        return changes.subList(Math.max(0, changes.size() - MOST_CHANGES), changes.size());
    }

    /** What a person typed never stands in a sentence as a mark. */
    private static String plain(String typed) {
        return typed.replace("{", "(").replace("}", ")");
    }

    private static int stretchOf(OilLog log, Placed p) {
        return log.dips().stream()
                .filter(d -> d.at() >= p.at())
                .mapToInt(Dip::stretch)
                .findFirst()
                .orElse(Integer.MAX_VALUE);
    }

    private Optional<OilChange> change(OilLog log, Optional<LocalDate> date, String what, Predicate<Dip> earlier) {
        Set<Integer> first = new HashSet<>(
                log.dips().stream().filter(earlier).map(d -> d.entry().number()).toList());
        Optional<LevelFit> before = log.only(e -> first.contains(e.number())).fit(List.of());
        Optional<LevelFit> after = log.only(e -> !first.contains(e.number())).fit(List.of());
        return before.flatMap(b -> after.map(a -> {
            double apart = (a.rate() - b.rate()) / Math.hypot(a.rateSigma(), b.rateSigma());
            boolean differs = Math.abs(apart) > DIFFERENT;
            Estimate<Double> was = shown(log.meter(), b);
            Estimate<Double> is = shown(log.meter(), a);
            return new OilChange(
                    date,
                    what,
                    was,
                    is,
                    differs,
                    differs
                            ? "It uses " + (apart > 0 ? "more" : "less") + " since: " + range(log.meter(), was)
                                    + " before, " + range(log.meter(), is) + " after."
                            : "No difference is proved: " + range(log.meter(), was) + " before, "
                                    + range(log.meter(), is) + " after.");
        }));
    }

    /** A rate as this axis counts: litres where they are known, per 1000 km, 100 h or 30 days. */
    private Estimate<Double> shown(Meter meter, LevelFit fit) {
        Estimate<Double> levels = OilRate.of(fit).perUnit();
        return times(litres(levels).orElse(levels), step(meter));
    }

    /** A rate from where to where; one that may be nothing only has an upper end. */
    private String range(Meter meter, Estimate<Double> rate) {
        String most = told(meter, rate.high(), true);
        return rate.low() < 0 && rate.high() > 0 ? "up to " + most : told(meter, rate.low(), false) + " to " + most;
    }

    private String told(Meter meter, double rate, boolean withUnit) {
        if (stick.perLitre().isPresent() && meter == Meter.DISTANCE) {
            return Say.litresPer1000Km(rate);
        }
        String unit = stick.perLitre().isPresent() ? "L" : stick.unit().words();
        String over = switch (meter) {
            case DISTANCE -> " per 1000 km";
            case HOURS -> " per 100 h";
            case DATE -> " a month";
        };
        return two(rate) + (withUnit ? " " + unit + over : "");
    }

    private static String two(double value) {
        return String.format(Locale.ROOT, "%.2f", value).replace("-", "−");
    }

    private List<TrialResult> trials(OilLog log) {
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
        Optional<Estimate<Double>> perKwh =
                log.meter() == Meter.HOURS && stick.perLitre().isPresent()
                        ? t.loadKw().flatMap(kw -> during.map(d -> times(d, 1000 * 0.87 / 100 / kw)))
                        : Optional.empty();
        String says = during.map(d -> "On trial it used " + range(log.meter(), d)
                        + before.map(b -> ", before it " + range(log.meter(), b))
                                .orElse("")
                        + after.map(a -> ", after it " + range(log.meter(), a)).orElse("") + ".")
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
        return log.only(wanted).fit(List.of()).map(f -> shown(log.meter(), f));
    }

    // What falls due.

    private List<OilDue> due(OilLog log, Optional<LevelFit> fit, List<AxisResult> axes, List<OilProof> proofs) {
        List<OilDue> due = new ArrayList<>();
        if (fit.isEmpty()) {
            return due;
        }
        double now = fit.get().now().at();
        Optional<Estimate<Double>> low = axes.get(0).lowAt();
        low.ifPresent(l -> due.add(at(
                DueKind.LOW_MARK,
                log,
                l.low(),
                "At the low mark from " + place(log.meter(), l.low()) + " on, likely at " + place(log.meter(), l.best())
                        + ": top up before.")));
        OptionalDouble proof = proofs.stream()
                .flatMap(p -> p.after().stream())
                .mapToDouble(Double::doubleValue)
                .min();
        OptionalDouble half =
                low.map(l -> OptionalDouble.of((l.low() - now) * HALFWAY)).orElse(OptionalDouble.empty());
        OptionalDouble first = least(proof, half);
        if (first.isPresent()) {
            double place = now + Math.max(0, first.getAsDouble());
            due.add(at(
                    DueKind.NEXT_DIP,
                    log,
                    place,
                    proof.isPresent() && proof.getAsDouble() <= half.orElse(Double.POSITIVE_INFINITY)
                            ? "Dip then: it proves what is open."
                            : "Dip then: halfway to the earliest day of the low mark."));
        }
        trials.stream()
                .filter(t -> t.to().isEmpty())
                .forEach(t -> checkpoint(log, fit.get(), t).ifPresent(due::add));
        trials.stream()
                .filter(t -> t.to().isEmpty())
                .forEach(t -> abort(log, fit.get(), t).ifPresent(due::add));
        due.sort(Comparator.comparing(OilDue::kind));
        return due;
    }

    private Optional<OilDue> checkpoint(OilLog log, LevelFit fit, OilTrial t) {
        Optional<Double> every = log.meter() == Meter.DISTANCE
                ? t.everyKm()
                : log.meter() == Meter.HOURS ? t.everyHours() : Optional.empty();
        return every.map(e -> at(
                DueKind.CHECKPOINT,
                log,
                fit.now().at() + e,
                "Checkpoint of the trial: dip, at the same load all the time."));
    }

    private Optional<OilDue> abort(OilLog log, LevelFit fit, OilTrial t) {
        if (stick.unit() != StickUnit.MILLIMETRES) {
            return Optional.empty();
        }
        return t.abortMm()
                .flatMap(mm -> OilRate.of(fit).until(mm))
                .map(u -> at(
                        DueKind.ABORT_MARK,
                        log,
                        fit.now().at() + u.low(),
                        "The abort mark of the trial is near: from then on dip every time it stops."));
    }

    private OilDue at(DueKind kind, OilLog log, double place, String says) {
        double ahead = Math.max(
                0, place - log.placed().stream().mapToDouble(Placed::at).max().orElse(place));
        Optional<LocalDate> last =
                log.placed().stream().flatMap(p -> p.entry().date().stream()).max(Comparator.naturalOrder());
        Optional<LocalDate> date = log.meter() == Meter.DATE
                ? Optional.of(LocalDate.ofEpochDay((long) Math.min(place, 100_000)))
                : last.flatMap(d -> log.perDay()
                        .filter(p -> ahead / p < 10_000)
                        .map(p -> d.plusDays((long) Math.floor(ahead / p))));
        return new OilDue(
                kind,
                log.meter() == Meter.DISTANCE ? Optional.of(place) : Optional.empty(),
                log.meter() == Meter.HOURS ? Optional.of(place) : Optional.empty(),
                date,
                says);
    }

    private static String place(Meter meter, double at) {
        return switch (meter) {
            case DISTANCE -> Say.kilometres(Math.floor(at / 10) * 10);
            case HOURS -> Say.number(Math.floor(at)) + " h";
            case DATE -> LocalDate.ofEpochDay((long) Math.min(at, 100_000)).toString();
        };
    }

    // What has to be known with it.

    private void notes(Optional<OilLog> primary, Optional<LevelFit> fit) {
        if (fit.isEmpty()) {
            notes.add("A rate needs two dips apart, with distance, hours or a date.");
        }
        if (stick.perLitre().isEmpty()) {
            notes.add("Nobody knows how many litres lie between the marks, so the rate is in "
                    + stick.unit().words()
                    + " of the stick. Dip, pour a measured amount, dip again: that teaches it. Or enter it at Intake.");
        } else if (learnt) {
            notes.add("One litre is " + two(stick.perLitre().get()) + " "
                    + stick.unit().words()
                    + " on this stick, give or take " + Math.round(196 * stick.perLitreShare())
                    + " %: learnt from what was poured between dips.");
        }
        if (stick.low().isEmpty()) {
            notes.add(
                    "Where the low mark stands is not known: enter the span of the stick at Intake, and its date follows.");
        }
        primary.ifPresent(log -> {
            if (!log.unplaced().isEmpty()) {
                notes.add(log.unplaced().size() + (log.unplaced().size() == 1 ? " line has" : " lines have")
                        + " no place on this meter and " + (log.unplaced().size() == 1 ? "is" : "are")
                        + " not counted.");
            }
            fasterNearFull(log).ifPresent(notes::add);
        });
    }

    /** The top of the span often goes faster: thrown by the crank, out of the breather. */
    private Optional<String> fasterNearFull(OilLog log) {
        if (stick.low().isEmpty()) {
            return Optional.empty();
        }
        double third = stick.low().get() / 3;
        double[] top = new double[2];
        double[] rest = new double[2];
        for (int i = 1; i < log.dips().size(); i++) {
            Dip a = log.dips().get(i - 1);
            Dip b = log.dips().get(i);
            double run = b.at() - a.at();
            if (a.stretch() == b.stretch() && b.pouredBefore().isEmpty() && run > 0) {
                double weight = run * run;
                double rate = (a.level() - b.level()) / run;
                double[] side = (a.level() + b.level()) / 2 > third ? top : rest;
                side[0] += weight * rate;
                side[1] += weight;
            }
        }
        if (top[1] == 0 || rest[1] == 0) {
            return Optional.empty();
        }
        double dip = stick.unit() == StickUnit.MILLIMETRES ? 1 : 0.05;
        double above = top[0] / top[1];
        double below = rest[0] / rest[1];
        double sigma = dip * Math.sqrt(2) * Math.sqrt(1 / top[1] + 1 / rest[1]);
        return above - below > DIFFERENT * sigma && below > 0
                ? Optional.of(String.format(
                        Locale.ROOT,
                        "Near the full mark it goes %.1f times as fast as further down: fill it to two thirds and it will use"
                                + " less.",
                        above / below))
                : Optional.empty();
    }

    private String sentence(List<AxisResult> axes, List<OilFault> faults) {
        if (axes.isEmpty()) {
            return "";
        }
        AxisResult axis = axes.get(0);
        if (!faults.isEmpty()) {
            return "The log does not hold together yet: " + faults.get(0).kind().words()
                    + ". Settle that before anybody is told" + " a figure.";
        }
        Estimate<Double> rate = axis.rate().orElseThrow();
        if (rate.low() <= 0) {
            return "No oil use is proved yet.";
        }
        Estimate<Double> told = times(litres(rate).orElse(rate), step(axis.meter()));
        String until = axis.lowAt()
                .map(l -> l.low() > axis.now().map(Place::at).orElse(l.low())
                        ? " There is enough until " + place(axis.meter(), l.low()) + " for sure."
                        : " It may stand at the low mark already: dip, and top up.")
                .orElse("");
        return "It uses " + range(axis.meter(), told) + "." + until;
    }

    /** The lesser of two that may be missing. */
    private static OptionalDouble least(OptionalDouble a, OptionalDouble b) {
        return a.isEmpty() || b.isEmpty()
                ? (a.isPresent() ? a : b)
                : OptionalDouble.of(Math.min(a.getAsDouble(), b.getAsDouble()));
    }
}
