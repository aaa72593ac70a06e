package silentotter.core.planning;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import silentotter.core.decision.Costs;
import silentotter.core.decision.Course;
import silentotter.core.decision.Repair;
import silentotter.core.decision.Weighed;
import silentotter.core.diagnosis.Outlook;
import silentotter.core.inference.Member;

/**
 * What tests are worth: how much less is lost on the mean when the course is chosen after them. For each engine drawn the
 * course is chosen from the outcomes nearest to its own, its own left out, and then paid for with its own faults. An
 * outcome that recognises only itself would look three to eight times too good (docs/judgement.md).
 */
final class Worth {
    private static final double NEIGHBOURS = 1.2;

    private final Outlook outlook;
    private final int n;
    private final int k;
    private final int actions;
    /** By engine and course. */
    private final double[][] losses;
    /** Squared distance between the outcomes of any two engines, by test. */
    private final Map<PlannedTest, float[]> distances = new ConcurrentHashMap<>();

    Worth(Outlook outlook, Costs costs) {
        this.outlook = outlook;
        n = outlook.draws().size();
        k = (int) Math.round(NEIGHBOURS * Math.sqrt(n));
        // A trial is followed by another course where it fails: it is no end of its own.
        List<Course> courses =
                Course.ALL.stream().filter(c -> c.repair() != Repair.TRIAL).toList();
        actions = courses.size();
        losses = outlook.draws().stream()
                .map(d -> {
                    var faults = d.faults();
                    return courses.stream()
                            .mapToDouble(c -> Weighed.loss(c, faults, costs))
                            .toArray();
                })
                .toArray(double[][]::new);
    }

    /** What is lost on the mean when the course is chosen after these tests; without any, now. */
    double lossAfter(Collection<PlannedTest> tests) {
        if (tests.isEmpty()) {
            double[] sum = new double[actions];
            for (double[] row : losses) {
                for (int a = 0; a < sum.length; a++) {
                    sum[a] += row[a] / n;
                }
            }
            return IntStream.range(0, sum.length).mapToDouble(a -> sum[a]).min().orElseThrow();
        }
        return lossAt(together(new float[n * n], tests));
    }

    /** The same after tests of which the first are what {@link #together} gave. */
    double lossAfter(float[] planned, Collection<PlannedTest> more) {
        return lossAt(together(planned, more));
    }

    /** Distances of outcomes of all these tests together. */
    float[] together(float[] planned, Collection<PlannedTest> more) {
        float[] together = planned.clone();
        for (PlannedTest test : more) {
            float[] own = distances.computeIfAbsent(test, this::distances);
            for (int i = 0; i < together.length; i++) {
                together[i] += own[i];
            }
        }
        return together;
    }

    float[] nothing() {
        return new float[n * n];
    }

    private double lossAt(float[] together) {
        double sum = 0;
        for (int i = 0; i < n; i++) {
            sum += losses[i][chosen(i, together)];
        }
        return sum / n;
    }

    /** The course that serves the nearest other outcomes best; all that are as near as the last of them count. */
    private int chosen(int i, float[] together) {
        float reach = reach(i, together);
        double[] sum = new double[actions];
        for (int j = 0; j < n; j++) {
            if (j != i && together[i * n + j] <= reach) {
                for (int a = 0; a < sum.length; a++) {
                    sum[a] += losses[j][a];
                }
            }
        }
        int best = 0;
        for (int a = 1; a < sum.length; a++) {
            best = sum[a] < sum[best] ? a : best;
        }
        return best;
    }

    /** Distance of the neighbour farthest away. */
    private float reach(int i, float[] together) {
        float[] nearest = new float[k];
        int have = 0;
        for (int j = 0; j < n; j++) {
            float d = together[i * n + j];
            if (j == i || have == k && d >= nearest[k - 1]) {
                continue;
            }
            int at = have < k ? have++ : k - 1;
            while (at > 0 && nearest[at - 1] > d) {
                nearest[at] = nearest[at - 1];
                at--;
            }
            nearest[at] = d;
        }
        return nearest[have - 1];
    }

    /**
     * How much doubt is left on the mean about what is wrong, in bits: the entropy of what the nearest other engines have, with
     * what so few of them understate (Miller 1955).
     */
    double doubtAfter(Collection<PlannedTest> tests) {
        List<Set<Member>> wrong =
                outlook.draws().stream().map(d -> Set.copyOf(d.wrong())).toList();
        float[] together = together(nothing(), tests);
        double sum = 0;
        for (int i = 0; i < n; i++) {
            float reach = reach(i, together);
            Map<Set<Member>, Integer> have = new HashMap<>();
            int count = 0;
            for (int j = 0; j < n; j++) {
                if (j != i && together[i * n + j] <= reach) {
                    have.merge(wrong.get(j), 1, Integer::sum);
                    count++;
                }
            }
            int near = count;
            sum += have.values().stream()
                            .mapToDouble(c -> -(double) c / near * Math.log((double) c / near))
                            .sum()
                    + (have.size() - 1) / (2.0 * near);
        }
        return sum / n / Math.log(2);
    }

    private float[] distances(PlannedTest test) {
        double[][] all =
                outlook.played().stream().map(p -> Summaries.of(test, p)).toArray(double[][]::new);
        float[] distance = new float[n * n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < i; j++) {
                double sum = 0;
                for (int d = 0; d < all[i].length; d++) {
                    double by = all[i][d] - all[j][d];
                    sum += by * by;
                }
                distance[i * n + j] = (float) sum;
                distance[j * n + i] = (float) sum;
            }
        }
        return distance;
    }
}
