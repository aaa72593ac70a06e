package silentotter.core.scpi;

import java.util.Objects;
import java.util.Optional;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;

/**
 * An instrument of the shop that speaks, and where it stands.
 *
 * @param name 1 to 60 characters
 * @param address as {@link InstrumentAddress} reads it
 */
public record InstrumentDocument(String name, InstrumentKind kind, String address) {
    private static final int LONGEST_NAME = 60;

    /** @throws InvalidInput with everything that is wrong, by field */
    public InstrumentDocument checked() {
        Problems problems = new Problems();
        String title = Objects.requireNonNullElse(name, "").strip();
        Optional<InstrumentAddress> at = InstrumentAddress.of(Objects.requireNonNullElse(address, ""));
        if (title.isEmpty() || title.length() > LONGEST_NAME) {
            problems.add(FieldProblem.of(
                    "name", title.isEmpty() ? "is missing" : "is too long", "1 to " + LONGEST_NAME + " characters"));
        }
        if (kind == null) {
            problems.add("kind", "is missing");
        }
        if (at.isEmpty()) {
            problems.add(FieldProblem.of(
                    "address",
                    "is neither a name or number of a machine nor a serial line",
                    "such as 192.168.1.40:5025 or /dev/ttyUSB0@9600"));
        }
        problems.throwIfAny();
        return new InstrumentDocument(title, kind, at.get().written());
    }
}
