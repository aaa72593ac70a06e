package silentotter.core.practice;

import java.util.List;
import java.util.Objects;
import silentotter.core.fault.Family;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;

/**
 * What somebody who practises says is wrong, and how sure.
 *
 * @param cylinders by number; empty for the whole engine
 * @param certainty that this is so, 0.01 to 0.99
 */
public record Verdict(Family family, List<Integer> cylinders, double certainty) {
    private static final double LEAST = .01;
    private static final double MOST = .99;

    public Verdict {
        cylinders = List.copyOf(Objects.requireNonNullElse(cylinders, List.of()));
    }

    /** @throws InvalidInput with everything that is wrong, by field */
    public Verdict checked(int count) {
        Problems problems = new Problems();
        if (family == null) {
            problems.add("family", "is missing");
        }
        if (cylinders.stream().anyMatch(c -> c < 1 || c > count)) {
            problems.add(FieldProblem.of("cylinders", "one of them does not exist on this engine", "1 to " + count));
        }
        if (!(certainty >= LEAST && certainty <= MOST)) {
            problems.add(FieldProblem.of("certainty", "nobody is that sure", "0.01 to 0.99"));
        }
        problems.throwIfAny();
        return this;
    }
}
