package silentotter.core.hidden;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.DoubtedReading;
import silentotter.core.diagnosis.Suspect;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.examination.Examination;
import silentotter.core.fault.Family;
import silentotter.core.finding.Shop;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.interpretation.Interpreter;

/**
 * How often the diagnosis is right on hidden engines, how sure it is when it is, and how often plain rules are.
 *
 * <p>An answer is right at rank r if one of its first r rows is one of the faults that are there, by family and place; with
 * nothing wrong, if it says so. Certainty: mean of |stated − realised| of the leader over ten bins, weighted by how many
 * fall into each. A reading is noticed where it, or the pair it was exchanged with, is doubted at .25 or more.
 */
public final class Scores {
    private static final int BINS = 10;
    private static final double NOTICED = .25;

    /** A reading that is off by less than this many of its own standard deviations is no slip anybody could see. */
    private static final double TELLING = 5;

    private int n;
    private int rank1;
    private int rank3;
    private int member;
    private int rules1;
    private int rules3;
    private int leak1;
    private int leak3;
    private final int[] count = new int[BINS];
    private final double[] stated = new double[BINS];
    private final double[] right = new double[BINS];
    private int falsified;
    private int noticed;
    private int tellable;
    private int tellableNoticed;
    private int clean;
    private int alarms;
    private final List<String> misses = new ArrayList<>();

    /** Scores the jobs of some seeds. */
    public static Scores of(RoundDone done, long fromSeed, int jobs) {
        Scores scores = new Scores();
        for (long seed = fromSeed; seed < fromSeed + jobs; seed++) {
            scores.add(Workshop.job(seed, done));
        }
        return scores;
    }

    private void add(HiddenJob job) {
        Interpretation said = Interpreter.interpret(job.record(), Shop.USUAL);
        Diagnosis diagnosis = said.diagnosis();
        List<Suspected> truth = job.faults().isEmpty()
                ? List.of(new Suspected(Family.NOTHING_WRONG, List.of()))
                : job.faults().stream().map(Suspected::of).toList();
        List<Suspected> answer = diagnosis.suspects().stream()
                .filter(s -> !s.somewhere())
                .map(Scores::placed)
                .toList();
        boolean first = within(answer, truth, 1);
        n++;
        rank1 += first ? 1 : 0;
        rank3 += within(answer, truth, 3) ? 1 : 0;
        member += first && memberRight(diagnosis, job) ? 1 : 0;
        List<Suspected> rules = Baselines.patterns(
                said, job.record().last(Examination.class, Examination.EMPTY).signs());
        rules1 += within(rules, truth, 1) ? 1 : 0;
        rules3 += within(rules, truth, 3) ? 1 : 0;
        List<Suspected> leak = Baselines.highestLeak(said);
        leak1 += within(leak, truth, 1) ? 1 : 0;
        leak3 += within(leak, truth, 3) ? 1 : 0;
        double p =
                diagnosis.suspects().isEmpty() ? 0 : diagnosis.suspects().get(0).probability();
        int bin = Math.min(BINS - 1, (int) (p * BINS));
        count[bin]++;
        stated[bin] += p;
        right[bin] += first ? 1 : 0;
        measuring(job, diagnosis);
        if (!first) {
            misses.add(String.format(
                    Locale.ROOT,
                    "%d: is %s, said %s %.2f",
                    job.seed(),
                    truth,
                    answer.isEmpty() ? "nothing" : answer.get(0),
                    p));
        }
    }

    private void measuring(HiddenJob job, Diagnosis diagnosis) {
        List<DoubtedReading> doubts = diagnosis.measuring().stream()
                .filter(m -> m.probability() >= NOTICED)
                .filter(m -> m.test().equals("COMPRESSION") || m.test().equals("LEAKDOWN"))
                .toList();
        if (job.falsified().isEmpty()) {
            clean++;
            alarms += doubts.stream().anyMatch(m -> !m.cylinders().isEmpty()) ? 1 : 0;
            return;
        }
        falsified++;
        HiddenJob.Falsified what = job.falsified().get();
        boolean seen = doubts.stream()
                .flatMap(m -> m.cylinders().stream())
                .map(CylinderNumber::value)
                .anyMatch(what.cylinders()::contains);
        noticed += seen ? 1 : 0;
        boolean both = diagnosis.findings().stream()
                        .filter(f -> f.cylinders().stream()
                                .anyMatch(c -> what.cylinders().contains(c.value())))
                        .map(f -> f.station())
                        .filter(s -> s.equals("COMPRESSION") || s.equals("LEAKDOWN"))
                        .distinct()
                        .count()
                == 2;
        if (both && what.moved() >= TELLING) {
            tellable++;
            tellableNoticed += seen ? 1 : 0;
        }
    }

    private static boolean within(List<Suspected> answer, List<Suspected> truth, int ranks) {
        return answer.stream().limit(ranks).anyMatch(truth::contains);
    }

    private static Suspected placed(Suspect s) {
        return new Suspected(
                s.family(),
                s.cylinders().stream().map(CylinderNumber::value).sorted().toList());
    }

    private static boolean memberRight(Diagnosis d, HiddenJob job) {
        if (job.faults().isEmpty()) {
            return true;
        }
        return d.suspects().get(0).members().stream()
                .findFirst()
                .filter(m -> job.faults().stream().anyMatch(f -> f.fault() == m.fault()))
                .isPresent();
    }

    private static double share(int part, int of) {
        return of == 0 ? 0 : 100.0 * part / of;
    }

    /** Mean distance of stated and realised certainty of the leader. */
    public double calibrationError() {
        double sum = 0;
        for (int b = 0; b < BINS; b++) {
            sum += Math.abs(stated[b] - right[b]);
        }
        return sum / Math.max(1, n);
    }

    public double rank1() {
        return share(rank1, n);
    }

    public double rank3() {
        return share(rank3, n);
    }

    /** A line of a table. */
    public String line() {
        return String.format(
                Locale.ROOT,
                "| %d | %.1f | %.1f | %.1f | %.3f | %.1f / %.1f | %.1f / %.1f |",
                n,
                rank1(),
                rank3(),
                share(member, n),
                calibrationError(),
                share(rules1, n),
                share(rules3, n),
                share(leak1, n),
                share(leak3, n));
    }

    /** How sure the leader was against how often it was right. */
    public String reliability() {
        StringBuilder table = new StringBuilder();
        for (int b = 0; b < BINS; b++) {
            if (count[b] > 0) {
                table.append(String.format(
                        Locale.ROOT, "| %.2f | %.2f | %d |%n", stated[b] / count[b], right[b] / count[b], count[b]));
            }
        }
        return table.toString();
    }

    /** Falsified readings noticed, those that another test on the cylinder could contradict, and false alarms. */
    public String readings() {
        return String.format(
                Locale.ROOT,
                "falsified %d, noticed %.0f %%; off by 5 of its own deviations or more and the other gauge on the cylinder %d, noticed %.0f %%; false alarms %.1f %% of %d",
                falsified,
                share(noticed, falsified),
                tellable,
                share(tellableNoticed, tellable),
                share(alarms, clean),
                clean);
    }

    /** What was not right at the first rank. */
    public List<String> misses() {
        return List.copyOf(misses);
    }
}
