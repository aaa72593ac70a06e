package silentotter.core.learning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import silentotter.core.diagnosis.RuleTables;
import silentotter.core.fault.Cause;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.Learnt;
import silentotter.core.fault.Learnt.Instrument;
import silentotter.core.finding.Finding;
import silentotter.core.found.Known;
import silentotter.core.found.Known.HowKnown;
import silentotter.core.found.Known.Truth;
import silentotter.core.learning.Lesson.Figure;
import silentotter.core.learning.Lesson.Moved;
import silentotter.core.outcome.PastJob;
import silentotter.core.outcome.Prediction.Place;
import silentotter.core.outcome.Prediction.Sign;
import silentotter.core.outcome.Prediction.Worth;
import silentotter.core.outcome.Review;
import silentotter.core.outcome.Review.Judged;

/**
 * Learns from a shop's outcomes. Pure: the same outcomes teach the same, in any order; a job taken out is a lesson taken
 * back. Only what could have come out either way teaches, never practice, never what nobody looked at.
 */
public final class Learning {
    /** A prior counts like so many cases of its fault: that is about its stated uncertainty, a factor of 2.5 either way. */
    static final double PRIOR_COUNTS = 3;
    /** What a family may differ from the shop's other engines counts like so many outcomes that surprise nobody. */
    static final double FAMILY_COUNTS = 12;
    /** A judged ratio counts like so many outcomes. */
    static final double SIGN_COUNTS = 16;
    /** No factor goes beyond this, whatever a few outcomes say. */
    static final double FARTHEST = 4;
    /** What a repair says is less sure than what was seen: a cure may have had another cause. */
    static final double REPAIR_WEIGHT = .5;

    private static final double WORTH_SAYING = 1.1;
    private static final double NINE_IN_TEN = 1.645;

    static final String RULE =
            "A starting value counts like 3 cases of its fault, a family like 12 outcomes, a ratio like 16."
                    + " Every outcome is held against the odds that its own tests gave, so engines that were opened because they looked"
                    + " bad do not teach that engines are bad. A repair that cured counts half. Nothing moves by more than 4 times.";

    private final List<PastJob> past;
    private final List<Repeats> repeats;
    private final List<Moved> moved = new ArrayList<>();

    private Learning(List<PastJob> past, List<Repeats> repeats) {
        this.past = past.stream().filter(p -> !p.practice()).toList();
        this.repeats = repeats;
    }

    public static Lesson from(List<PastJob> past, List<Repeats> repeats) {
        return new Learning(past, repeats).lesson();
    }

    /** An outcome of one job. */
    private record Taught(long job, OddsShift.Case outcome) {}

    private Lesson lesson() {
        Map<EngineKind, Map<Cause, Double>> odds = new EnumMap<>(EngineKind.class);
        Map<String, Map<Cause, Double>> families = new TreeMap<>();
        Map<EngineKind, List<PastJob>> byKind = new EnumMap<>(EngineKind.class);
        past.forEach(p -> byKind.computeIfAbsent(p.prediction().kind(), k -> new ArrayList<>())
                .add(p));
        byKind.forEach((kind, jobs) -> {
            Map<Cause, List<PlaceKnown>> known = new EnumMap<>(Cause.class);
            jobs.forEach(job -> collect(job, known));
            known.forEach((cause, places) -> prior(kind, cause, places, odds, families));
        });
        Map<String, Double> signs = signs(new Learnt(odds, families, Map.of(), Map.of()));
        Map<Instrument, Double> noise = noise();
        moved.sort(Comparator.comparingDouble(m -> -Math.abs(Math.log(m.after() / m.before()))));
        long jobs = moved.stream().flatMap(m -> m.jobs().stream()).distinct().count();
        return new Lesson(new Learnt(odds, families, signs, noise), List.copyOf(moved), (int) jobs, RULE);
    }

    /** @param before the probability that was given, without what had been learnt by then */
    private record PlaceKnown(long job, String family, double before, Known known) {
        Taught taught(double shift) {
            double given = moved(before, shift);
            return new Taught(
                    job,
                    new OddsShift.Case(
                            given, known.truth() == Truth.PRESENT, known.how() == HowKnown.REPAIR ? REPAIR_WEIGHT : 1));
        }
    }

    private static void collect(PastJob job, Map<Cause, List<PlaceKnown>> to) {
        for (Place place : job.prediction().places()) {
            Known known = job.outcome().of(place.at());
            Optional<Cause> cause = Cause.at(place.at());
            if (known.anything() && known.whole() && cause.isPresent() && place.prior() > 0) {
                double logOdds = OddsShift.logit(place.probability()) - Math.log(place.moved());
                to.computeIfAbsent(cause.get(), c -> new ArrayList<>())
                        .add(new PlaceKnown(job.job(), job.prediction().family(), OddsShift.logistic(logOdds), known));
            }
        }
    }

    private void prior(
            EngineKind kind,
            Cause cause,
            List<PlaceKnown> places,
            Map<EngineKind, Map<Cause, Double>> odds,
            Map<String, Map<Cause, Double>> families) {
        List<Taught> taught = places.stream().map(p -> p.taught(0)).toList();
        OddsShift all = OddsShift.of(cause.prior(kind), PRIOR_COUNTS, outcomes(taught));
        double shift = held(all.shift());
        if (isWorthSaying(shift)) {
            odds.computeIfAbsent(kind, k -> new EnumMap<>(Cause.class)).put(cause, Math.exp(shift));
            say(cause.prior(kind), cause, kind, "", new OddsShift(shift, all.error()), taught);
        }
        double used = isWorthSaying(shift) ? shift : 0;
        Map<String, List<PlaceKnown>> byFamily = new HashMap<>();
        places.stream()
                .filter(p -> !p.family().isEmpty())
                .forEach(p -> byFamily.computeIfAbsent(p.family(), f -> new ArrayList<>())
                        .add(p));
        // With one family there is nothing to differ from.
        if (byFamily.size() < 2) {
            return;
        }
        byFamily.forEach((family, own) -> {
            List<Taught> ownTaught = own.stream().map(p -> p.taught(used)).toList();
            OddsShift beyond = OddsShift.aroundNothing(FAMILY_COUNTS, outcomes(ownTaught));
            double more = held(beyond.shift());
            if (isWorthSaying(more)) {
                families.computeIfAbsent(family, f -> new EnumMap<>(Cause.class))
                        .put(cause, Math.exp(more));
                say(
                        moved(cause.prior(kind), used),
                        cause,
                        kind,
                        family,
                        new OddsShift(more, beyond.error()),
                        ownTaught);
            }
        });
    }

    private void say(double start, Cause cause, EngineKind kind, String family, OddsShift shift, List<Taught> taught) {
        moved.add(new Moved(
                Figure.PRIOR,
                cause.fault().words() + where(cause),
                Optional.of(kind),
                family,
                start,
                moved(start, shift.shift()),
                moved(start, shift.shift() - NINE_IN_TEN * shift.error()),
                moved(start, shift.shift() + NINE_IN_TEN * shift.error()),
                taught.size(),
                so(taught),
                expected(taught),
                jobs(taught)));
    }

    private static String where(Cause cause) {
        return switch (cause.scope()) {
            case CYLINDER -> ", a cylinder";
            case CYLINDER_SHARED -> ", on one cylinder";
            case PAIR -> "";
            case ENGINE -> "";
        };
    }

    /** A sign that speaks for a suspect is held against what became of that suspect: of all it spoke for, were enough so? */
    private Map<String, Double> signs(Learnt priors) {
        Map<String, List<Taught>> byRule = new TreeMap<>();
        for (PastJob job : past) {
            Review review = job.review();
            for (Sign sign : job.prediction().signs()) {
                sign.rule()
                        .ifPresent(rule -> sign.worth().stream()
                                .filter(Worth::judged)
                                .max(Comparator.comparingDouble(Worth::decibans))
                                .filter(w -> w.decibans() > 0
                                        && w.suspect() < review.suspects().size())
                                .map(w -> review.suspects().get(w.suspect()))
                                .filter(j -> j.scored() && j.truth() != Truth.UNKNOWN)
                                .ifPresent(j -> byRule.computeIfAbsent(rule, r -> new ArrayList<>())
                                        .add(taught(job, sign, j, priors))));
            }
        }
        Map<String, Double> factors = new TreeMap<>();
        byRule.forEach((rule, taught) -> {
            OddsShift shift = OddsShift.aroundNothing(SIGN_COUNTS, outcomes(taught));
            double by = held(shift.shift());
            Optional<Finding> line = RuleTables.line(rule);
            if (!isWorthSaying(by) || line.isEmpty() || line.get().weight().likelihoodRatio() <= 1) {
                return;
            }
            factors.put(rule, Math.exp(by));
            double before = line.get().weight().likelihoodRatio();
            moved.add(new Moved(
                    Figure.SIGN,
                    line.get().says(),
                    Optional.empty(),
                    "",
                    before,
                    ratio(before, by),
                    ratio(before, by - NINE_IN_TEN * shift.error()),
                    ratio(before, by + NINE_IN_TEN * shift.error()),
                    taught.size(),
                    so(taught),
                    expected(taught),
                    jobs(taught)));
        });
        return factors;
    }

    /** Held against what the prior that was just learnt would have given, or prior and sign would learn the same twice. */
    private static Taught taught(PastJob job, Sign sign, Judged j, Learnt priors) {
        EngineKind kind = job.prediction().kind();
        String family = job.prediction().family();
        double moved = job.prediction().places().stream()
                .filter(p -> j.suspect().includes(p.at()))
                .max(Comparator.comparingDouble(Place::probability))
                .flatMap(p -> Cause.at(p.at()).map(c -> priors.odds(kind, family, c) / p.moved()))
                .orElse(1.0);
        double logOdds = OddsShift.logit(j.suspect().probability()) + Math.log(moved / sign.moved());
        return new Taught(
                job.job(),
                new OddsShift.Case(
                        OddsShift.logistic(logOdds),
                        j.truth() == Truth.PRESENT,
                        j.how() == HowKnown.REPAIR ? REPAIR_WEIGHT : 1));
    }

    private static double ratio(double before, double shift) {
        return Math.max(1, Math.min(Learnt.STRONGEST, before * Math.exp(shift)));
    }

    private Map<Instrument, Double> noise() {
        Map<Instrument, Double> factors = new EnumMap<>(Instrument.class);
        for (Instrument instrument : Instrument.values()) {
            List<Repeats> own =
                    repeats.stream().filter(r -> r.instrument() == instrument).toList();
            Repeats.Noise noise = Repeats.noise(own);
            if (noise.pairs() > 0 && isWorthSaying(Math.log(noise.factor()))) {
                double factor = Math.exp(held(Math.log(noise.factor())));
                factors.put(instrument, factor);
                moved.add(new Moved(
                        Figure.NOISE,
                        instrument == Instrument.COMPRESSION ? "the compression gauge" : "the leak-down tester",
                        Optional.empty(),
                        "",
                        1,
                        factor,
                        noise.low(),
                        noise.high(),
                        own.size(),
                        noise.pairs(),
                        noise.pairs(),
                        own.stream().map(Repeats::job).distinct().sorted().toList()));
            }
        }
        return factors;
    }

    private static boolean isWorthSaying(double shift) {
        return Math.abs(shift) >= Math.log(WORTH_SAYING);
    }

    private static double held(double shift) {
        return Math.max(-Math.log(FARTHEST), Math.min(Math.log(FARTHEST), shift));
    }

    private static double moved(double probability, double shift) {
        return OddsShift.logistic(OddsShift.logit(probability) + shift);
    }

    private static List<OddsShift.Case> outcomes(List<Taught> taught) {
        return taught.stream().map(Taught::outcome).toList();
    }

    private static int so(List<Taught> taught) {
        return (int) taught.stream().filter(t -> t.outcome().so()).count();
    }

    private static double expected(List<Taught> taught) {
        return taught.stream().mapToDouble(t -> t.outcome().probability()).sum();
    }

    private static List<Long> jobs(List<Taught> taught) {
        return taught.stream().map(Taught::job).distinct().sorted().toList();
    }
}
