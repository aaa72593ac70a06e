package silentotter.e2e;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.ToDoubleFunction;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.Engine;
import silentotter.core.finding.Shop;
import silentotter.core.hidden.HiddenJob;
import silentotter.core.hidden.LearningShop;
import silentotter.core.hidden.Playthrough;
import silentotter.core.hidden.RoundDone;
import silentotter.core.hidden.Scores;
import silentotter.core.hidden.Workshop;
import silentotter.core.inference.GaugeCurve;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.interpretation.Interpreter;
import silentotter.core.planning.Planner;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.LeakCurve;

/**
 * How often the diagnosis is right on hidden engines, and how long it takes: the figures of docs/judgement.md. The seeds
 * were kept aside while the model was built.
 */
final class JudgementBenchmarks {
    private static final long KEPT_ASIDE = 100_001;
    private static final int ENGINES = 300;
    private static final long TIMED = 5_000;
    private static final int TIMED_ENGINES = 8;
    private static final int ROUNDS = 30;
    private static final int PLAYED = 60;
    private static final int MOST_CYLINDERS_PLAYED = 6;

    private JudgementBenchmarks() {}

    static void run() {
        time(8);
        print(4, 60);
        print(8, 105);
        print(16, 270);
        System.out.println("| | engines | rank 1 | rank 3 | member | certainty error | rules 1 / 3 | leak 1 / 3 |");
        for (RoundDone done : RoundDone.values()) {
            Scores scores = Scores.of(done, KEPT_ASIDE, ENGINES);
            System.out.println("| " + done + " " + scores.line());
            System.out.println(scores.readings());
            System.out.println("said | right | of");
            System.out.print(scores.reliability());
        }
        plans();
        learning();
    }

    /** A shop that learns from every engine it opens, on fresh ones with and without. */
    private static void learning() {
        System.out.println("| outcomes learnt from | figures moved | Brier without | with | log without | with |");
        for (int taught : new int[] {20, 100, 400}) {
            System.out.println(LearningShop.of(RoundDone.MIXED, KEPT_ASIDE, taught, ENGINES, shop())
                    .line());
        }
    }

    private static final String[] ROUNDS_PLAYED = {
        "planned", "whole, usual order", "usual order, stopped as sure", "most information, stopped as sure"
    };

    /** Rounds played step by step, each stopped as sure as the plan was, and the whole usual one; by kind of engine too. */
    private static void plans() {
        Shop shop = shop();
        Map<String, List<Playthrough.Result[]>> byKind = new LinkedHashMap<>();
        byKind.put("all", new ArrayList<>());
        int played = 0;
        for (long seed = KEPT_ASIDE; played < PLAYED; seed++) {
            HiddenJob job = Workshop.job(seed, RoundDone.FULL);
            Engine engine = job.record().engine();
            if (engine.arrangement().count() > MOST_CYLINDERS_PLAYED) {
                continue;
            }
            played++;
            Playthrough.Result planned = Playthrough.planned(job, shop);
            double enough = Math.min(.999, planned.certainty());
            Playthrough.Result[] results = {
                planned,
                Playthrough.inUsualOrder(job, shop, 1),
                Playthrough.inUsualOrder(job, shop, enough),
                Playthrough.mostInformation(job, shop, enough)
            };
            byKind.get("all").add(results);
            String kind = engine.cycle() == Cycle.TWO_STROKE ? "two-stroke" : engine.isDiesel() ? "diesel" : "petrol";
            byKind.computeIfAbsent(kind, k -> new ArrayList<>()).add(results);
        }
        System.out.println(
                "| | engines | minutes | loses | against the whole round | certainty | names it | promised | saved |");
        byKind.forEach((kind, results) -> {
            for (int i = 0; i < ROUNDS_PLAYED.length; i++) {
                line(kind + ": " + ROUNDS_PLAYED[i], results, i);
            }
        });
        List<Double> ms = new ArrayList<>();
        for (int i = 0; i < 3 * TIMED_ENGINES; i++) {
            HiddenJob job = Workshop.job(TIMED + i, RoundDone.COMPRESSION_ONLY, 8);
            Interpretation said = Interpreter.interpret(job.record(), shop);
            long from = System.nanoTime();
            Planner.plan(said, shop);
            ms.add((System.nanoTime() - from) / 1e6);
        }
        ms.sort(null);
        System.out.printf(
                Locale.ROOT,
                "%-62s %7.0f ms %7.0f ms%n",
                "plan of 8 cylinders after compression (target 1000 ms)",
                ms.get(ms.size() / 2),
                ms.get((int) Math.ceil(ms.size() * .95) - 1));
    }

    /** @param of which of the rounds; losses are held against those of the whole one, with their standard error */
    private static void line(String name, List<Playthrough.Result[]> results, int of) {
        double[] more =
                results.stream().mapToDouble(r -> r[of].loss() - r[1].loss()).toArray();
        double mean = Arrays.stream(more).average().orElse(0);
        double error = Math.sqrt(
                Arrays.stream(more).map(x -> (x - mean) * (x - mean)).average().orElse(0)
                        / Math.max(1, results.size() - 1));
        System.out.printf(
                Locale.ROOT,
                "| %s | %d | %.0f | %.0f | %+.0f ± %.0f | %.2f | %.2f | %.0f | %.0f |%n",
                name,
                results.size(),
                mean(results, r -> r[of].minutes()),
                mean(results, r -> r[of].loss()),
                mean,
                error,
                mean(results, r -> r[of].certainty()),
                mean(results, r -> r[of].named() ? 1 : 0),
                mean(results, r -> r[of].predicted()),
                mean(results, r -> r[of].saved()));
    }

    private static double mean(List<Playthrough.Result[]> results, ToDoubleFunction<Playthrough.Result[]> of) {
        return results.stream().mapToDouble(of).average().orElse(0);
    }

    private static Shop shop() {
        Map<CrankingSetup, LeakCurve> curves = new ConcurrentHashMap<>();
        Map<CrankingSetup, GaugeCurve> gauges = new ConcurrentHashMap<>();
        return new Shop(
                Map.of(),
                setup -> curves.computeIfAbsent(setup, LeakCurve::of),
                setup -> gauges.computeIfAbsent(setup, GaugeCurve::of));
    }

    private static void print(int cylinders, int target) {
        double[] ms = time(cylinders);
        System.out.printf(
                Locale.ROOT,
                "%-62s %7.2f ms %7.2f ms%n",
                "all of " + cylinders + " cylinders judged, with evidence (target " + target + " ms)",
                ms[ms.length / 2],
                ms[(int) Math.ceil(ms.length * .95) - 1]);
    }

    /**
     * All tests done, everything answered anew with its evidence; what depends on the engine alone is remembered.
     *
     * @return milliseconds, sorted
     */
    private static double[] time(int cylinders) {
        Shop shop = shop();
        List<HiddenJob> jobs = new ArrayList<>();
        for (long seed = TIMED; jobs.size() < TIMED_ENGINES; seed++) {
            jobs.add(Workshop.job(seed, RoundDone.FULL, cylinders));
        }
        double[] ms = new double[ROUNDS * TIMED_ENGINES];
        for (int i = -ms.length; i < ms.length; i++) {
            HiddenJob job = jobs.get(Math.floorMod(i, TIMED_ENGINES));
            long from = System.nanoTime();
            int findings = Interpreter.interpret(job.record(), shop)
                    .diagnosis()
                    .findings()
                    .size();
            if (i >= 0) {
                ms[i] = (System.nanoTime() - from) / 1e6;
            }
            if (findings == 0) {
                throw new IllegalStateException("nothing was found");
            }
        }
        Arrays.sort(ms);
        return ms;
    }
}
