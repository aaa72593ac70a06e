package silentotter.core.oil;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import silentotter.core.engine.Engine;
import silentotter.core.engine.OilData;
import silentotter.core.oil.AxisResult.Line;
import silentotter.core.oil.AxisResult.Place;
import silentotter.core.oil.AxisResult.Spot;
import silentotter.core.oil.LevelFit.Level;
import silentotter.core.oil.OilLog.Dip;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.Volume;

/** Turns an oil log into a rate, a date, and what is not proved yet. */
final class OilAnalyst {
    /** A litre that was learnt from the dips is used once it is known this well, as a share. */
    private static final double LEARNT_WELL = 0.25;

    private final Engine engine;
    private final OilData oil;
    private final List<OilEntry> counting;
    private final List<OilTrial> trials;
    private final List<OilEvent> events;
    private final OilSlips slips;
    private final Stick stick;
    private final boolean learnt;
    private final RateWords words;
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
        this.words = new RateWords(stick);
    }

    static OilAnalysis analyse(
            Engine engine, List<OilEntry> entries, List<OilTrial> trials, List<OilEvent> events, OilSchool leading) {
        return entries.isEmpty() ? OilAnalysis.NONE : new OilAnalyst(engine, entries, trials, events).analysis(leading);
    }

    private OilLog on(Meter meter, Stick own) {
        return OilLog.of(slips.rest(), meter, own, oil.filling().map(Volume::litres), slips.unknownAmount());
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

    /** Of the log along the meter that leads, its pieces of one rate each. */
    static List<OilPiece> pieces(Engine engine, List<OilEntry> entries, List<OilEvent> events) {
        OilAnalyst analyst = new OilAnalyst(engine, entries, List.of(), events);
        return analyst.logs().stream().findFirst().map(analyst::pieces).orElse(List.of());
    }

    private List<OilPiece> pieces(OilLog log) {
        return OilPiece.of(log, new OilChanges(words, events).earlier(log));
    }

    private OilAnalysis analysis(OilSchool leading) {
        List<OilLog> logs = logs();
        List<OilFault> faults = new ArrayList<>(slips.faults());
        Optional<OilLog> primary = logs.stream().findFirst();
        List<OilPiece> pieces = primary.map(this::pieces).orElse(List.of());
        pieces.forEach(p -> faults.addAll(p.found().faults()));
        // What it uses is what it uses now: since the last thing that changed it.
        Optional<OilPiece> last = pieces.stream().reduce((a, b) -> b);
        Optional<LevelFit> fit = last.map(OilPiece::fit);
        List<AxisResult> axes = new ArrayList<>();
        for (OilLog log : logs) {
            boolean first = log == primary.orElse(null);
            List<LevelFit> fits = pieces.stream()
                    .flatMap(p -> first ? Stream.of(p.fit()) : p.fit(log).stream())
                    .toList();
            if (!fits.isEmpty()) {
                axes.add(axis(log, fits));
            }
        }
        // What was drained is held against one rate; where there were several it is not.
        if (pieces.size() == 1) {
            DrainBalance balance =
                    DrainBalance.of(pieces.get(0).log(), pieces.get(0).fit(), words);
            balance.fault().ifPresent(faults::add);
            balance.note().ifPresent(notes::add);
        }
        notes(primary, fit);
        Optional<Estimate<Double>> fuel = last.flatMap(this::percentOfFuel);
        Optional<Estimate<Double>> perKwh = gramsPerKwh(fuel);
        List<OilOpinion> opinions = opinions(axes, fuel, perKwh, leading);
        List<OilProof> proofs = last.map(p -> new OilProofs(stick, engine.limits()).of(p.log(), p.fit(), opinions))
                .orElse(List.of());
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
                primary.map(new OilChanges(words, events)::in).orElse(List.of()),
                primary.map(new TrialResults(words, trials)::in).orElse(List.of()),
                last.map(p -> new OilDueDates(stick, trials).of(p.log(), p.fit(), axes.get(0), proofs))
                        .orElse(List.of()),
                notes,
                sentence(axes, faults));
    }

    // The rate along one meter.

    /** @param fits of its pieces, oldest first; the last one says what it uses now */
    private AxisResult axis(OilLog log, List<LevelFit> fits) {
        LevelFit fit = fits.get(fits.size() - 1);
        OilRate rate = OilRate.of(fit);
        List<Line> lines = fits.stream()
                .flatMap(f -> f.runs().stream())
                .map(r -> new Line(place(r.from()), place(r.to())))
                .toList();
        List<Spot> spots = log.placed().stream()
                .map(p -> new Spot(p.entry().number(), p.entry().kind(), p.at(), stick.level(p.entry()), p.read()))
                .toList();
        Optional<Estimate<Double>> litres = words.litres(rate.perUnit());
        Level now = fit.now();
        return new AxisResult(
                log.meter(),
                spots,
                lines,
                Optional.of(rate.perUnit()),
                log.meter() == Meter.DISTANCE ? litres.map(l -> RateWords.times(l, 1000)) : Optional.empty(),
                log.meter() == Meter.HOURS ? litres.map(l -> RateWords.times(l, 1000)) : Optional.empty(),
                Optional.of(RateWords.times(rate.perUnit(), RateWords.step(log.meter()))),
                Optional.of(place(now)),
                stick.low().flatMap(low -> rate.until(low).map(u -> shifted(u, now.at()))),
                log.perDay());
    }

    private static Place place(Level level) {
        return new Place(level.at(), level.level(), OilRate.NINETY_FIVE * level.sigma());
    }

    private static Estimate<Double> shifted(Estimate<Double> e, double by) {
        return new Estimate<>(e.low() + by, e.best() + by, e.high() + by);
    }

    // Oil against fuel and power.

    /** Oil over fuel between the first and the last dip, where the fuel was written down. */
    private Optional<Estimate<Double>> percentOfFuel(OilPiece piece) {
        List<Dip> dips = piece.log().dips();
        if (dips.isEmpty()) {
            return Optional.empty();
        }
        double from = dips.get(0).at();
        double to = dips.get(dips.size() - 1).at();
        double fuel = piece.log().placed().stream()
                .filter(p -> p.at() > from && p.at() <= to)
                .mapToDouble(p -> p.entry().fuelLitres().orElse(0.0))
                .sum();
        return fuel > 0
                ? words.litres(OilRate.of(piece.fit()).perUnit())
                        .map(l -> RateWords.times(l, 100 * piece.fit().span() / fuel))
                : Optional.empty();
    }

    /** From the share of the fuel, by what engines of its kind burn a kilowatt hour; trade practice. */
    private Optional<Estimate<Double>> gramsPerKwh(Optional<Estimate<Double>> fuel) {
        double burnt = engine.isDiesel() ? 235 : 300;
        double apart = engine.isDiesel() ? 0.12 : 0.18;
        double density = engine.isDiesel() ? 0.84 : 0.745;
        return fuel.map(f -> {
            double grams = f.best() / 100 * OilEntryReader.DENSITY / density * burnt;
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
            notes.add("One litre is " + RateWords.two(stick.perLitre().get()) + " "
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
        return above - below > OilChanges.DIFFERENT * sigma && below > 0
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
        Estimate<Double> told = RateWords.times(words.litres(rate).orElse(rate), RateWords.step(axis.meter()));
        String until = axis.lowAt()
                .map(l -> l.low() > axis.now().map(Place::at).orElse(l.low())
                        ? " There is enough until " + RateWords.place(axis.meter(), l.low()) + " for sure."
                        : " It may stand at the low mark already: dip, and top up.")
                .orElse("");
        return "It uses " + words.range(axis.meter(), told) + "." + until;
    }
}
