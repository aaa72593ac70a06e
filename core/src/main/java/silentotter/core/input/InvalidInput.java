package silentotter.core.input;

import java.util.List;
import java.util.stream.Collectors;

/** Input that cannot be accepted, with every problem found, so that all can be mended at once. */
public final class InvalidInput extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient List<FieldProblem> problems;

    public InvalidInput(List<FieldProblem> problems) {
        super(problems.stream().map(p -> p.field() + ": " + p.message()).collect(Collectors.joining("; ")));
        this.problems = List.copyOf(problems);
    }

    public static InvalidInput at(String field, String message) {
        return new InvalidInput(List.of(FieldProblem.of(field, message)));
    }

    public static InvalidInput at(String field, String message, String allowed) {
        return new InvalidInput(List.of(FieldProblem.of(field, message, allowed)));
    }

    public List<FieldProblem> problems() {
        return problems;
    }
}
