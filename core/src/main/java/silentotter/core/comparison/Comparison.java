package silentotter.core.comparison;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.stat.descriptive.rank.Median;
import silentotter.core.comparison.Change.ChangeKind;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.plugs.PlugLook;
import silentotter.core.wording.Say;
import silentotter.core.wording.Worded;

/**
 * Two visits of one engine.
 *
 * <p>Method: every cylinder is held against itself. What all moved by together is one difference, uncertain by battery, warmth
 * and mounting of the gauge as well; what a cylinder moved by beyond the median of its sisters is another. All differences of
 * a pair are tested together at 5 % (Holm 1979), so that an engine that did not change is said to have changed once in twenty
 * pairs at most.
 *
 * @param unmatched by measure, in what the visits differ
 * @param claims by measure, whole engine first
 * @param notCompared by measure, why not
 * @param plugs how those that were looked at on both visits looked; read by eye, so no difference is claimed of them
 * @param changes what was done between them
 * @param credit what a difference may and may not be put down to, in a sentence; empty where nothing is claimed
 * @param inWords what is claimed, a sentence each
 */
public record Comparison(
        long before,
        long after,
        Map<Measure, List<Unmatched>> unmatched,
        List<Claim> claims,
        Map<Measure, String> notCompared,
        List<PlugPair> plugs,
        List<Change> changes,
        String credit,
        List<String> inWords)
        implements Worded {
    /** Probability that a pair is said to differ that does not. */
    private static final double FALSE_ALARM = .05;

    /** A difference before it is tested. */
    private record Difference(Measure measure, Optional<CylinderNumber> cylinder, double change, double sigma) {
        double z() {
            return Math.abs(change) / sigma;
        }
    }

    public static Comparison of(Visit before, Visit after, List<Change> changes) {
        Map<Measure, List<Unmatched>> unmatched = new LinkedHashMap<>();
        Map<Measure, String> notCompared = new LinkedHashMap<>();
        List<Difference> differences = new ArrayList<>();
        for (Measure m : Measure.values()) {
            if (before.of(m).isEmpty() && after.of(m).isEmpty()) {
                continue;
            }
            if (before.of(m).isEmpty() || after.of(m).isEmpty()) {
                notCompared.put(
                        m, "not measured on " + (before.of(m).isEmpty() ? "the first" : "the second") + " visit");
                continue;
            }
            Settings was = before.settings().get(m);
            Settings is = after.settings().get(m);
            unmatched.put(m, was.against(is));
            double apart = was.sigma(is);
            if (Double.isInfinite(apart)) {
                notCompared.put(m, "taken in ways that do not compare");
                continue;
            }
            differences.addAll(differences(m, before.of(m), after.of(m), apart));
        }
        List<Claim> claims = tested(differences);
        return new Comparison(
                before.job(),
                after.job(),
                unmatched,
                claims,
                notCompared,
                plugs(before, after),
                changes,
                claims.stream().anyMatch(Claim::claimed) ? credit(changes) : "",
                claims.stream().filter(Claim::claimed).map(Comparison::inWords).toList());
    }

    /** How the plug of a cylinder looked on the one visit and on the other. */
    public record PlugPair(CylinderNumber cylinder, PlugLook before, PlugLook after) {
        /** No getter, so that results do not show it. */
        public boolean changed() {
            return before != after;
        }
    }

    private static List<PlugPair> plugs(Visit before, Visit after) {
        return before.plugs().keySet().stream()
                .filter(after.plugs()::containsKey)
                .sorted()
                .map(n -> new PlugPair(n, before.plugs().get(n), after.plugs().get(n)))
                .toList();
    }

    /**
     * The one difference that was said before to be what counts: tested alone, since it was not picked from many.
     *
     * @return empty where the two visits do not compare in it
     */
    static Optional<Claim> only(Visit before, Visit after, Measure m, Optional<CylinderNumber> cylinder) {
        if (before.of(m).isEmpty() || after.of(m).isEmpty()) {
            return Optional.empty();
        }
        double apart = before.settings().get(m).sigma(after.settings().get(m));
        return Double.isInfinite(apart)
                ? Optional.empty()
                : differences(m, before.of(m), after.of(m), apart).stream()
                        .filter(d -> d.cylinder().equals(cylinder))
                        .findFirst()
                        .map(d -> tested(List.of(d)).get(0));
    }

    private record Pair(CylinderNumber cylinder, double change, double sigma, boolean floored, boolean tells) {}

    private static List<Difference> differences(Measure m, List<Measured> was, List<Measured> is, double apart) {
        if (!m.ofCylinders()) {
            double change = is.get(0).scaled() - was.get(0).scaled();
            double own = Math.hypot(was.get(0).sigma(), is.get(0).sigma());
            return List.of(new Difference(m, Optional.empty(), change, betweenDays(own, apart, m)));
        }
        List<Pair> pairs = was.stream()
                .flatMap(a -> is.stream()
                        .filter(b -> b.cylinder().equals(a.cylinder()))
                        .map(b -> pair(a, b)))
                .toList();
        List<Pair> plain = pairs.stream().filter(p -> !p.floored()).toList();
        List<Difference> all = new ArrayList<>();
        if (!plain.isEmpty()) {
            double middle = median(plain.stream().mapToDouble(Pair::change).toArray());
            double own = plain.size() == 1 ? plain.get(0).sigma() : ofMedian(plain);
            all.add(new Difference(m, Optional.empty(), middle, betweenDays(own, apart, m)));
        }
        if (plain.size() > 1) {
            for (Pair p : plain) {
                List<Pair> others = plain.stream().filter(o -> o != p).toList();
                double sisters =
                        median(others.stream().mapToDouble(Pair::change).toArray());
                double spread = ofMedian(others);
                // What differs in the conditions moves all alike, and a quarter of it one more than another.
                double sigma =
                        Math.hypot(Math.hypot(p.sigma(), spread), Math.hypot(apart / 4, m.alone() * Math.sqrt(2)));
                all.add(new Difference(m, Optional.of(p.cylinder()), p.change() - sisters, sigma));
            }
        }
        pairs.stream()
                .filter(p -> p.floored() && p.tells())
                .forEach(p -> all.add(
                        new Difference(m, Optional.of(p.cylinder()), p.change(), betweenDays(p.sigma(), apart, m))));
        return all;
    }

    /** How far off a difference may be whose day and conditions differ as well. */
    private static double betweenDays(double own, double apart, Measure m) {
        return Math.hypot(own, Math.hypot(apart, m.together()));
    }

    /** Standard error of the median of differences: that of their mean, times the root of half of pi. */
    private static double ofMedian(List<Pair> pairs) {
        double sigma = pairs.stream().mapToDouble(Pair::sigma).average().orElseThrow();
        return sigma * 1.25 / Math.sqrt(pairs.size());
    }

    /**
     * A clipped reading is a floor. It tells of a change only where the other one lies below it: from "at least 1900" to 1500
     * it fell, and to 2000 nobody knows.
     */
    private static Pair pair(Measured a, Measured b) {
        double change = b.scaled() - a.scaled();
        boolean tells = a.floor() && !b.floor() && change < 0 || b.floor() && !a.floor() && change > 0;
        return new Pair(
                a.cylinder().orElseThrow(), change, Math.hypot(a.sigma(), b.sigma()), a.floor() || b.floor(), tells);
    }

    private static double median(double[] values) {
        return new Median().evaluate(values);
    }

    private static List<Claim> tested(List<Difference> differences) {
        List<Difference> byStrength = differences.stream()
                .sorted(Comparator.comparingDouble((Difference d) -> -d.z()))
                .toList();
        Map<Difference, Boolean> claimed = new LinkedHashMap<>();
        boolean still = true;
        for (int i = 0; i < byStrength.size(); i++) {
            still = still && byStrength.get(i).z() > reach(byStrength.size() - i);
            claimed.put(byStrength.get(i), still);
        }
        double wide = reach(Math.max(1, differences.size()));
        return differences.stream()
                .map(d -> new Claim(
                        d.measure(),
                        d.cylinder(),
                        d.measure().told(d.change()),
                        d.measure().told(d.change() - wide * d.sigma()),
                        d.measure().told(d.change() + wide * d.sigma()),
                        claimed.get(d),
                        d.change() > 0 != d.measure().moreIsWorse()))
                .toList();
    }

    /** How many standard deviations are beyond what chance does to so many differences. */
    private static double reach(int many) {
        return new NormalDistribution().inverseCumulativeProbability(1 - FALSE_ALARM / 2 / many);
    }

    private static String inWords(Claim c) {
        String what = Say.sentence(c.measure().words())
                + c.cylinder()
                        .map(n -> " of cylinder " + Say.cylinder(n) + ", against its sisters,")
                        .orElse(c.measure().ofCylinders() ? " of all cylinders together" : "");
        String way = c.change() > 0 ? " rose by " : " fell by ";
        double least = Math.min(Math.abs(c.low()), Math.abs(c.high()));
        double most = Math.max(Math.abs(c.low()), Math.abs(c.high()));
        return what + way + c.measure().amount(c.change()) + " (" + c.measure().amount(least) + " to "
                + c.measure().amount(most) + "), for the " + (c.better() ? "better" : "worse") + ".";
    }

    /** A difference belongs to a change only where there was one; and then it came after it, which is not because of it. */
    static String credit(List<Change> changes) {
        boolean logged = changes.stream().anyMatch(c -> c.kind() == ChangeKind.REPAIR);
        // A repair that stands in the log as well as on the job was made once.
        List<Change> told = changes.stream()
                .filter(c -> c.kind() != ChangeKind.RUNNING_IN && !(logged && c.kind() == ChangeKind.WORK))
                .toList();
        Stream<String> names = told.stream().map(c -> c.kind().words()).distinct();
        return switch (told.size()) {
            case 0 -> "Nothing was written down between the visits that it could be put down to.";
            case 1 ->
                "It came after one change, " + told.get(0).kind().words()
                        + ". That is not proof that it came of it; a second pair would say more.";
            default ->
                told.size() + " changes were made between the visits (" + String.join(", ", names.toList())
                        + "): it cannot be put down to one of them.";
        };
    }
}
