package silentotter.core.input;

import java.util.Optional;

/**
 * One thing that is wrong with one field.
 *
 * @param field path of the field as the sender named it, such as {@code strokesKPa[2]}
 * @param message what is wrong, quoting the offending value
 * @param allowed the allowed range or choice in words, where there is one
 */
public record FieldProblem(String field, String message, Optional<String> allowed) {
    public static FieldProblem of(String field, String message) {
        return new FieldProblem(field, message, Optional.empty());
    }

    public static FieldProblem of(String field, String message, String allowed) {
        return new FieldProblem(field, message, Optional.of(allowed));
    }
}
