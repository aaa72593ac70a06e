package silentotter.core.scpi;

import java.util.Objects;
import java.util.regex.Pattern;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;

/**
 * An instrument of the shop that speaks, and where it stands.
 *
 * @param name 1 to 60 characters
 * @param host its name or number in the network of the shop, at most 253 characters
 * @param port 1 to 65535
 */
public record InstrumentDocument(String name, InstrumentKind kind, String host, Integer port) {
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_HOST = 253;
    private static final int LAST_PORT = 65_535;
    /** Letters, digits, dots, dashes; colons of a number of the newer kind. */
    private static final Pattern HOST = Pattern.compile("[A-Za-z0-9]([A-Za-z0-9.:-]*[A-Za-z0-9])?");

    /** @throws InvalidInput with everything that is wrong, by field */
    public InstrumentDocument checked() {
        Problems problems = new Problems();
        String title = Objects.requireNonNullElse(name, "").strip();
        String at = Objects.requireNonNullElse(host, "").strip();
        if (title.isEmpty() || title.length() > LONGEST_NAME) {
            problems.add(FieldProblem.of(
                    "name", title.isEmpty() ? "is missing" : "is too long", "1 to " + LONGEST_NAME + " characters"));
        }
        if (kind == null) {
            problems.add("kind", "is missing");
        }
        if (at.length() > LONGEST_HOST || !HOST.matcher(at).matches()) {
            problems.add(FieldProblem.of("host", "is no name or number of a machine", "such as 192.168.1.40"));
        }
        if (port == null || port < 1 || port > LAST_PORT) {
            problems.add(FieldProblem.of("port", "is no port", "1 to " + LAST_PORT));
        }
        problems.throwIfAny();
        return new InstrumentDocument(title, kind, at, port);
    }
}
