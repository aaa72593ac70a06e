package silentotter.core.examination;

import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What was decided of the round and of the engine, beside what was seen.
 *
 * @param excluded tests that cannot or will not be done here: no access
 * @param first what is to be done first whatever it settles
 * @param engineValue what the engine is worth as it stands, in the shop's money, 0 to 100 million
 * @param stands how it stands, where somebody said; otherwise the readings tell what they can
 * @param hotAt the moment at which it was hot last, such as 2026-11-03T09:42:00Z
 */
public record RoundChoices(
        Map<TestKind, Boolean> excluded,
        Optional<TestKind> first,
        Optional<Double> engineValue,
        Map<BenchState, Boolean> stands,
        Optional<String> hotAt) {
    public static final RoundChoices NONE =
            new RoundChoices(Map.of(), Optional.empty(), Optional.empty(), Map.of(), Optional.empty());

    /** So long an engine stays warm enough for gauges once it is shut down and opened. Trade practice. */
    private static final Duration HOT = Duration.ofMinutes(30);

    public RoundChoices {
        excluded = Map.copyOf(Objects.requireNonNullElse(excluded, Map.of()));
        first = Objects.requireNonNullElse(first, Optional.empty());
        engineValue = Objects.requireNonNullElse(engineValue, Optional.empty());
        stands = Map.copyOf(Objects.requireNonNullElse(stands, Map.of()));
        hotAt = Objects.requireNonNullElse(hotAt, Optional.empty());
    }

    /** Where nothing was said of how it stands. */
    public static RoundChoices of(
            Map<TestKind, Boolean> excluded, Optional<TestKind> first, Optional<Double> engineValue) {
        return new RoundChoices(excluded, first, engineValue, Map.of(), Optional.empty());
    }

    /** The tests that are left out. */
    public Set<TestKind> left() {
        return excluded.entrySet().stream()
                .filter(Map.Entry::getValue)
                .map(Map.Entry::getKey)
                .collect(Collectors.toUnmodifiableSet());
    }

    /** Whether it stands so; empty where nobody said. */
    public Optional<Boolean> said(BenchState state) {
        return Optional.ofNullable(stands.get(state));
    }

    /** How long it stays hot from a moment on, down to nothing; empty where nobody said when it was hot. */
    public Optional<Duration> staysHot(Instant now) {
        return hotAt.filter(at -> said(BenchState.WARM).orElse(false))
                .map(at -> Duration.between(now, Instant.parse(at).plus(HOT)))
                .map(left -> left.isNegative() ? Duration.ZERO : left.compareTo(HOT) > 0 ? HOT : left);
    }
}
