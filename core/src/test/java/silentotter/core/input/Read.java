package silentotter.core.input;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import java.util.function.Consumer;

/** What a reader says is wrong. */
public final class Read {
    private Read() {}

    /** The fields that a reader names, in order. */
    public static List<String> wrong(Consumer<Problems> reader) {
        Problems problems = new Problems();
        reader.accept(problems);
        return problems.all().stream().map(FieldProblem::field).toList();
    }

    /** The fields that something refuses by exception names. */
    public static List<String> refused(Runnable act) {
        InvalidInput e = catchThrowableOfType(InvalidInput.class, act::run);
        assertThat(e).as("refused").isNotNull();
        return e.problems().stream().map(FieldProblem::field).toList();
    }
}
