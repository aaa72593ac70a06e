package silentotter.e2e;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import silentotter.core.finding.Shop;
import silentotter.core.hidden.HiddenJob;
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
    }

    /** Rounds played step by step: as planned, whole in the usual order, and that stopped at the same certainty. */
    private static void plans() {
        Shop shop = shop();
        double[][] sums = new double[3][6];
        List<Double> ms = new ArrayList<>();
        int played = 0;
        for (long seed = KEPT_ASIDE; played < PLAYED; seed++) {
            HiddenJob job = Workshop.job(seed, RoundDone.FULL);
            if (job.record().engine().arrangement().count() > MOST_CYLINDERS_PLAYED) {
                continue;
            }
            played++;
            Playthrough.Result planned = Playthrough.planned(job, shop);
            add(planned, sums[0]);
            add(Playthrough.inUsualOrder(job, shop, 1), sums[1]);
            add(Playthrough.inUsualOrder(job, shop, Math.min(.999, planned.certainty())), sums[2]);
        }
        System.out.println("| | minutes | loses | certainty | names it | promised | saved |");
        String[] names = {"planned", "whole, usual order", "stopped at the same certainty"};
        for (int i = 0; i < names.length; i++) {
            double[] m = Arrays.stream(sums[i]).map(x -> x / PLAYED).toArray();
            System.out.printf(
                    Locale.ROOT,
                    "| %s | %.0f | %.0f | %.2f | %.2f | %.0f | %.0f |%n",
                    names[i],
                    m[0],
                    m[1],
                    m[2],
                    m[3],
                    m[4],
                    m[5]);
        }
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

    private static void add(Playthrough.Result r, double[] to) {
        double[] of = {r.minutes(), r.loss(), r.certainty(), r.named() ? 1 : 0, r.predicted(), r.saved()};
        for (int i = 0; i < of.length; i++) {
            to[i] += of[i];
        }
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
