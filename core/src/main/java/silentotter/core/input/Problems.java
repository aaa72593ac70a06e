package silentotter.core.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.Supplier;

/** Collects everything that is wrong with one piece of input, so that the sender is told once. */
public final class Problems {
    private final List<FieldProblem> found = new ArrayList<>();

    public void add(FieldProblem problem) {
        found.add(problem);
    }

    public void add(String field, String message) {
        found.add(FieldProblem.of(field, message));
    }

    public boolean isEmpty() {
        return found.isEmpty();
    }

    /** A number that may be missing: empty when missing or wrong; wrong ones are collected. */
    public <Q> Optional<Q> optional(String path, Double value, AllowedRange range, DoubleFunction<Q> make) {
        if (value == null) {
            return Optional.empty();
        }
        Optional<FieldProblem> problem = range.problemWith(path, value);
        problem.ifPresent(found::add);
        return problem.isPresent() ? Optional.empty() : Optional.of(make.apply(value));
    }

    /** A number that must be there: missing and wrong ones are collected. */
    public <Q> Optional<Q> required(String path, Double value, AllowedRange range, DoubleFunction<Q> make) {
        if (value == null) {
            found.add(FieldProblem.of(path, "is missing", range.inWords()));
        }
        return optional(path, value, range, make);
    }

    /** Runs a factory that refuses by exception and turns its message into a problem of this field. */
    public <T> Optional<T> attempt(String path, Supplier<T> make) {
        try {
            return Optional.of(make.get());
        } catch (IllegalArgumentException e) {
            found.add(FieldProblem.of(path, e.getMessage()));
            return Optional.empty();
        }
    }

    /** @throws InvalidInput when anything was collected */
    public void throwIfAny() {
        if (!found.isEmpty()) {
            throw new InvalidInput(found);
        }
    }

    public List<FieldProblem> all() {
        return List.copyOf(found);
    }
}
