package silentotter.core.intake;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * What is told of the engine before anybody looks. Whatever was not asked stays empty; a map holds only what was asked.
 *
 * @param secondsToFire cranking until it fires on a cold start, 0 to 120 s
 * @param coldStartC at what temperature, °C
 * @param stoodDays how long it stood before, days
 * @param hoursSinceBuilt hours run since it was freshly built
 * @param meterFromOtherEngine whether distance or hours belong to another engine
 * @param weakness a known weakness of the family, as a stated prior
 */
public record Intake(
        Optional<Purpose> purpose,
        Map<ComplaintKind, Boolean> complaints,
        Optional<NoiseKind> noise,
        Optional<NoiseMoment> noiseMoment,
        Optional<Double> secondsToFire,
        Optional<Double> coldStartC,
        Map<History, Boolean> history,
        Optional<AirFilter> airFilter,
        Optional<Double> stoodDays,
        Optional<Double> hoursSinceBuilt,
        Optional<Boolean> meterFromOtherEngine,
        Optional<KnownWeakness> weakness) {
    public static final Intake EMPTY = new Intake(
            Optional.empty(),
            Map.of(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Map.of(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    public Intake {
        complaints = Map.copyOf(Objects.requireNonNullElse(complaints, Map.of()));
        history = Map.copyOf(Objects.requireNonNullElse(history, Map.of()));
    }

    public boolean complains(ComplaintKind kind) {
        return complaints.getOrDefault(kind, false);
    }

    /** Whether this was asked and answered with yes. */
    public boolean had(History item) {
        return history.getOrDefault(item, false);
    }

    public boolean stoodOver(double days) {
        return stoodDays.filter(d -> d > days).isPresent();
    }
}
