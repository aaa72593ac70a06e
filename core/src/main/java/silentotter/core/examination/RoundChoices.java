package silentotter.core.examination;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What was decided of the round and of the engine, beside what was seen.
 *
 * @param excluded tests that cannot or will not be done here: no air, no access
 * @param first what is to be done first whatever it settles
 * @param engineValue what the engine is worth as it stands, in the shop's money, 0 to 100 million
 */
public record RoundChoices(Map<TestKind, Boolean> excluded, Optional<TestKind> first, Optional<Double> engineValue) {
    public static final RoundChoices NONE = new RoundChoices(Map.of(), Optional.empty(), Optional.empty());

    public RoundChoices {
        excluded = Map.copyOf(Objects.requireNonNullElse(excluded, Map.of()));
        first = Objects.requireNonNullElse(first, Optional.empty());
        engineValue = Objects.requireNonNullElse(engineValue, Optional.empty());
    }

    /** The tests that are left out. */
    public Set<TestKind> left() {
        return excluded.entrySet().stream()
                .filter(Map.Entry::getValue)
                .map(Map.Entry::getKey)
                .collect(Collectors.toUnmodifiableSet());
    }
}
