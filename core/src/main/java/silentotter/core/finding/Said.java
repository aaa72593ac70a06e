package silentotter.core.finding;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What the stations of a round have said so far. A later station may look at what an earlier one said.
 *
 * @param results what each worked out, one of a kind
 * @param findings what speaks for or against suspects, in the order of the round
 */
public record Said(ByKind results, List<Finding> findings) {
    public static final Said NOTHING = new Said(ByKind.EMPTY, List.of());

    public Said {
        findings = List.copyOf(findings);
    }

    /** The same with what a station worked out. */
    public Said and(Object result) {
        return new Said(results.with(result), findings);
    }

    /** The same with further findings. */
    public Said found(List<Finding> more) {
        return new Said(results, Stream.concat(findings.stream(), more.stream()).toList());
    }

    public <T> Optional<T> of(Class<T> kind) {
        return results.of(kind);
    }

    public <T> T of(Class<T> kind, T none) {
        return results.of(kind).orElse(none);
    }
}
