package silentotter.core.decision;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import silentotter.core.fault.Cause;
import silentotter.core.inference.Draw;
import silentotter.core.inference.Member;
import silentotter.core.inference.Probabilities;

/** What each course loses, on the mean and on one engine that was drawn. Losses of faults add up, so marginals suffice. */
public final class Weighed {
    /** A fault likelier left than this is named. */
    private static final double NAMED = .03;

    private Weighed() {}

    /** Cost of a course and what it leaves, on the mean; in the shop's money. */
    public static double expectedLoss(Course course, Probabilities p, Costs costs) {
        double left = p.members().entrySet().stream()
                .mapToDouble(e -> e.getValue() * course.leaves(e.getKey().cause(), costs))
                .sum();
        return costs.of(course) + left;
    }

    /** Cost of a course on an engine that has these faults, and what it leaves of them. */
    public static double loss(Course course, List<Cause> faults, Costs costs) {
        double left = faults.stream().mapToDouble(f -> course.leaves(f, costs)).sum();
        return costs.of(course) + left;
    }

    /**
     * A trial is read again: what it frees is done with, and where it reads no better another course follows. An engine with
     * nothing wrong reads no better either.
     */
    public static double loss(Course trial, Course then, List<Cause> faults, Costs costs) {
        double freed = faults.isEmpty() ? 0 : cures(trial, faults);
        return costs.of(trial) + (1 - freed) * loss(then, faults, costs);
    }

    private static double cures(Course course, Collection<Cause> faults) {
        return faults.stream().mapToDouble(course::cures).reduce(1, (a, b) -> a * b);
    }

    /** How often a course leaves nothing of what is there; measuring that misled is nothing. */
    static double cures(Course course, List<Draw> draws) {
        return draws.stream()
                .mapToDouble(d -> cures(course, d.faults()))
                .average()
                .orElse(0);
    }

    /** What is likely enough left to be named, what it may cost first. */
    static List<Member> leaves(Course course, Probabilities p, Costs costs) {
        return p.members().entrySet().stream()
                .filter(e -> e.getValue() * (1 - course.cures(e.getKey().cause())) >= NAMED)
                .filter(e -> e.getKey().cause() != Cause.ALL_ALIKE)
                .sorted(Comparator.comparingDouble((Map.Entry<Member, Double> e) ->
                        -e.getValue() * course.leaves(e.getKey().cause(), costs)))
                .map(Map.Entry::getKey)
                .toList();
    }
}
