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
 * @param changed what was changed lately, in words; at most 400 characters
 * @param changedWhen when, as it was told: a date, a season, hours ago
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
        Optional<KnownWeakness> weakness,
        Optional<String> changed,
        Optional<String> changedWhen) {
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
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    public Intake {
        complaints = Map.copyOf(Objects.requireNonNullElse(complaints, Map.of()));
        history = Map.copyOf(Objects.requireNonNullElse(history, Map.of()));
    }

    /** The same with one complaint; before a season where there is none. */
    public Intake complaining(Optional<ComplaintKind> of) {
        return new Intake(
                Optional.of(of.isPresent() ? Purpose.COMPLAINT : Purpose.PREVENTIVE),
                of.map(kind -> Map.of(kind, true)).orElse(Map.of()),
                noise,
                noiseMoment,
                secondsToFire,
                coldStartC,
                history,
                airFilter,
                stoodDays,
                hoursSinceBuilt,
                meterFromOtherEngine,
                weakness,
                changed,
                changedWhen);
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

    /** The air filter and its ducting as found. */
    public enum AirFilter {
        CLEAN,
        DIRTY,
        DUCT_OPEN,
        MISSING
    }

    /** What is complained about. */
    public enum ComplaintKind {
        OIL_USE,
        SMOKE,
        MISFIRE,
        HARD_START,
        LOW_POWER,
        COOLANT_LOSS,
        OIL_FROM_BREATHER,
        NOISE,
        LOW_OIL_PRESSURE,
        LOW_SPEED,
        SAGS
    }

    /** What the noise sounds like. */
    public enum NoiseKind {
        KNOCK,
        SLAP,
        TAP,
        RATTLE,
        HISS
    }

    /** When the noise is there. */
    public enum NoiseMoment {
        COLD,
        HOT,
        LIGHT_LOAD,
        HEAVY_LOAD,
        LOW_ON_OIL,
        ALWAYS
    }

    /** Why the engine is here; it decides what is worth doing. */
    public enum Purpose {
        COMPLAINT,
        BEFORE_SPENDING,
        PREVENTIVE,
        BASELINE
    }

    /** What may have happened to the engine, and how it is used. Each can be yes, no, or not asked. */
    public enum History {
        OVERHEATED_ONCE,
        RUN_LOW_ONCE,
        MODIFIED,
        BOOST_RAISED,
        FRESHLY_BUILT,
        LONG_IDLING,
        SHORT_RUNS,
        HARD_LOAD,
        HIGH_SPEED,
        BREATHED_DUST,
        SALT_WATER,
        LONG_OIL_INTERVALS,
        BELT_OR_CHAIN_WORK,
        FUEL_ADDITIVE,
        DOUBTFUL_FUEL
    }
}
