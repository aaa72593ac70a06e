package silentotter.core.planning;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import silentotter.core.decision.Decision;
import silentotter.core.decision.Decisions;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.NextStep;
import silentotter.core.diagnosis.Outlook;
import silentotter.core.examination.Examination;
import silentotter.core.examination.LossyStep;
import silentotter.core.examination.RoundChoices;
import silentotter.core.examination.TestKind;
import silentotter.core.finding.Shop;
import silentotter.core.intake.Intake.Purpose;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.job.JobRecord;

/**
 * Plans the round from here: what saves most beyond its cost for its minutes comes in first, singly or with what shares its
 * set-up, until nothing pays; then everything is put into the order in which nothing is warmed twice or spoiled unseen.
 */
public final class Planner {
    /** A test that saves less than this beyond its cost, in money, is not worth getting up for. */
    private static final double WORTH_DOING = 15;

    private static final int MOST_STEPS = 8;
    /** Tests that are tried together with every other: the best alone. */
    private static final int PAIRED = 4;

    private final JobRecord record;
    private final Shop shop;
    private final Examination seen;
    private final Outlook outlook;
    private final RoundChoices choices;
    private final Worth worth;
    private final Candidates candidates;
    private final Bench now;
    private final Optional<Duration> staysHot;

    private Planner(Interpretation of, Shop shop, Instant moment) {
        this.record = of.record();
        this.shop = shop;
        seen = record.last(Examination.class, Examination.EMPTY);
        choices = seen.round();
        outlook = Outlook.of(record, shop, of.said(), of.seen());
        worth = new Worth(outlook, shop.costs());
        now = Bench.now(record, outlook.done(), moment);
        candidates = new Candidates(outlook, choices, now);
        staysHot = choices.staysHot(moment);
    }

    /** The plan and the decision for a job as it was interpreted. @param moment at which it is asked for: an engine cools */
    public static Plan plan(Interpretation of, Shop shop, Instant moment) {
        return new Planner(of, shop, moment).plan(of.diagnosis());
    }

    /** The same at the moment at which everything was said. */
    public static Plan plan(Interpretation of, Shop shop) {
        return plan(of, shop, Instant.EPOCH);
    }

    /** A test taken into the plan. @param gain what it saves beyond its cost */
    private record Taken(PlannedTest test, double gain) {}

    private Plan plan(Diagnosis diagnosis) {
        List<NextStep> first =
                diagnosis.next().stream().filter(NextStep::urgent).toList();
        boolean stopped = !diagnosis.stops().isEmpty();
        List<Taken> taken = stopped ? List.of() : orAFirstTest(taken());
        List<PlanStep> steps = inOrder(taken);
        Decision decision = decision(diagnosis, first, !taken.isEmpty());
        double minutes = steps.stream().mapToDouble(PlanStep::minutes).sum();
        return new Plan(
                first,
                steps,
                minutes,
                minutes(candidates.usualRound()),
                steps.isEmpty() && first.isEmpty()
                        ? Optional.of("Stop testing, it is decided: no test that is left would change what to do by"
                                + " more than it costs.")
                        : Optional.empty(),
                choices.left().stream().sorted().toList(),
                decision);
    }

    /** On an engine that no gauge was on nothing is decided, however little a test seems to save: one look is had first. */
    private List<Taken> orAFirstTest(List<Taken> taken) {
        boolean untested =
                outlook.done().cranked().isEmpty() && outlook.done().aired().isEmpty();
        return !taken.isEmpty() || !untested
                ? taken
                : candidates.usualRound().stream()
                        .filter(t -> t.test() == TestKind.COMPRESSION)
                        .map(t -> new Taken(t, 0))
                        .toList();
    }

    private Decision decision(Diagnosis diagnosis, List<NextStep> first, boolean open) {
        boolean stopped = !diagnosis.stops().isEmpty();
        return Decisions.of(
                outlook.probabilities(),
                outlook.draws(),
                shop.costs(),
                new Decisions.Question(
                        diagnosis.stops().stream().findFirst(),
                        stopped ? Optional.empty() : first.stream().findFirst().map(NextStep::text),
                        open,
                        diagnosis.littleTested(),
                        seen.intake()
                                .purpose()
                                .filter(p -> p == Purpose.BEFORE_SPENDING)
                                .isPresent(),
                        choices.engineValue()));
    }

    private List<Taken> taken() {
        List<Taken> taken = new ArrayList<>();
        Bench bench = now;
        double loss = worth.lossAfter(List.of());
        Optional<PlannedTest> forced = choices.first()
                .flatMap(f -> candidates.after(List.of()).stream()
                        .filter(t -> t.test() == f)
                        .max(Comparator.comparingDouble(PlannedTest::minutes)));
        float[] base = worth.nothing();
        while (taken.size() < MOST_STEPS) {
            List<PlannedTest> planned = taken.stream().map(Taken::test).toList();
            Optional<Taken> next = taken.isEmpty() && forced.isPresent()
                    ? Optional.of(valued(forced.get(), base, bench, loss))
                    : best(planned, base, bench, loss);
            if (next.isEmpty()) {
                break;
            }
            PlannedTest test = next.get().test();
            taken.add(next.get());
            bench = bench.after(test.test());
            base = worth.together(base, List.of(test));
            loss = worth.lossAfter(base, List.of());
        }
        return taken;
    }

    /** A test, or two that share a set-up. */
    private record Bundle(List<PlannedTest> tests, double net, double minutes) {
        double rate() {
            return net / minutes;
        }
    }

    private Taken valued(PlannedTest test, float[] planned, Bench bench, double loss) {
        return new Taken(
                test, Math.max(0, bundle(List.of(test), planned, bench, loss).net()));
    }

    private Bundle bundle(List<PlannedTest> tests, float[] planned, Bench bench, double loss) {
        Bench at = bench;
        double minutes = 0;
        for (PlannedTest test : tests) {
            minutes += at.minutes(test);
            at = at.after(test.test());
        }
        double gain = loss - worth.lossAfter(planned, tests);
        return new Bundle(tests, gain - shop.costs().minutes(minutes), minutes);
    }

    private Optional<Taken> best(List<PlannedTest> planned, float[] base, Bench bench, double loss) {
        List<Bundle> singles = candidates.after(planned).parallelStream()
                .map(t -> bundle(List.of(t), base, bench, loss))
                .sorted(Comparator.comparingDouble((Bundle b) -> -b.rate()))
                .toList();
        List<PlannedTest> leading =
                singles.stream().limit(PAIRED).map(b -> b.tests().get(0)).toList();
        List<Bundle> pairs = pairs(leading, planned, bench).parallelStream()
                .map(pair -> bundle(pair, base, bench, loss))
                .toList();
        Optional<Bundle> best = Stream.concat(singles.stream(), pairs.stream())
                .filter(b -> b.net() > WORTH_DOING)
                .max(Comparator.comparingDouble(Bundle::rate));
        return best.map(b -> b.tests().size() == 1 ? new Taken(b.tests().get(0), b.net()) : betterHalf(b, singles));
    }

    private static Taken betterHalf(Bundle pair, List<Bundle> singles) {
        // What needs the other cannot come first.
        Map<PlannedTest, Bundle> alone =
                singles.stream().collect(Collectors.toMap(b -> b.tests().get(0), b -> b, (a, b) -> a));
        return pair.tests().stream()
                .filter(alone::containsKey)
                .map(alone::get)
                .max(Comparator.comparingDouble(Bundle::rate))
                .map(b -> new Taken(b.tests().get(0), Math.max(b.net(), 0)))
                .orElseThrow();
    }

    /** Two that share a set-up, or of which one makes the other possible: any other pair is as good one by one. */
    private List<List<PlannedTest>> pairs(List<PlannedTest> leading, List<PlannedTest> planned, Bench bench) {
        List<PlannedTest> alone = candidates.after(planned);
        List<List<PlannedTest>> pairs = new ArrayList<>();
        for (PlannedTest one : leading) {
            List<PlannedTest> withIt =
                    Stream.concat(planned.stream(), Stream.of(one)).toList();
            for (PlannedTest other : candidates.after(withIt)) {
                boolean shared = !Collections.disjoint(bench.before(one.test()), bench.before(other.test()));
                if (shared || !alone.contains(other)) {
                    pairs.add(one.test().compareTo(other.test()) <= 0 ? List.of(one, other) : List.of(other, one));
                }
            }
        }
        return pairs.stream().distinct().toList();
    }

    /** What the plugs show is seen once, when they come out: they are read whenever something takes them out. */
    private List<Taken> withPlugs(List<Taken> taken) {
        boolean takesThemOut = taken.stream()
                .anyMatch(t -> now.before(t.test().test()).contains(SetUp.PLUGS_OUT)
                        || t.test().test() == TestKind.WET);
        List<PlannedTest> planned = taken.stream().map(Taken::test).toList();
        return Stream.concat(
                        taken.stream(),
                        candidates.after(planned).stream()
                                .filter(t -> takesThemOut && t.test() == TestKind.PLUGS)
                                .map(t -> new Taken(t, 0)))
                .toList();
    }

    private List<PlanStep> inOrder(List<Taken> taken) {
        List<Taken> all = withPlugs(taken);
        boolean cooling = isCooling(all);
        List<Taken> sorted = all.stream()
                .sorted(Comparator.comparing((Taken t) -> !isForced(t))
                        .thenComparing(t -> later(t.test().test()))
                        .thenComparing(t -> TestTable.phase(t.test().test()))
                        .thenComparing(
                                t -> !(cooling && Bench.wantsItHot(t.test().test())))
                        .thenComparing(t -> t.test().test()))
                .toList();
        List<PlanStep> steps = new ArrayList<>();
        List<TestKind> tests = sorted.stream().map(t -> t.test().test()).toList();
        Bench bench = now;
        Set<LossyStep> spoilt = EnumSet.noneOf(LossyStep.class);
        for (int i = 0; i < sorted.size(); i++) {
            Taken t = sorted.get(i);
            Bench ready = bench.warmedFor(tests.get(i), tests.subList(i + 1, tests.size()));
            PlanStep step = StepWords.step(record, t.test(), t.gain(), ready, ready != bench, spoilt);
            steps.add(cooling && Bench.wantsItHot(step.test()) ? step.because(hot()) : step);
            bench = ready.after(tests.get(i));
        }
        return steps;
    }

    /** Whether it will have cooled before everything is done that is done with the plugs out. */
    private boolean isCooling(List<Taken> taken) {
        double open = taken.stream()
                .map(Taken::test)
                .filter(t -> TestTable.phase(t.test()) == TestTable.Phase.OPEN)
                .mapToDouble(now::minutes)
                .sum();
        return now.has(SetUp.WARM)
                && staysHot.filter(left -> left.toSeconds() / 60.0 < open).isPresent();
    }

    private String hot() {
        return "Before what can wait: it stays hot for about "
                + staysHot.orElseThrow().toMinutes() + " minutes.";
    }

    private boolean isForced(Taken t) {
        return choices.first().filter(f -> f == t.test().test()).isPresent();
    }

    /** What needs it running waits while the plugs are out. */
    private boolean later(TestKind test) {
        return now.has(SetUp.PLUGS_OUT) && now.before(test).contains(SetUp.PLUGS_IN);
    }

    private double minutes(Collection<PlannedTest> round) {
        Bench bench = now;
        double minutes = 0;
        List<PlannedTest> sorted = round.stream()
                .sorted(Comparator.comparing((PlannedTest t) -> later(t.test())).thenComparing(PlannedTest::test))
                .toList();
        List<TestKind> tests = sorted.stream().map(PlannedTest::test).toList();
        for (int i = 0; i < sorted.size(); i++) {
            Bench ready = bench.warmedFor(tests.get(i), tests.subList(i + 1, tests.size()));
            minutes += ready.minutes(sorted.get(i)) + (ready == bench ? 0 : SetUp.WARM.minutes(record.engine()));
            bench = ready.after(tests.get(i));
        }
        return minutes;
    }
}
