package silentotter.core.signs;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import silentotter.core.finding.Contamination;
import silentotter.core.signs.Smoke.SmokeColour;
import silentotter.core.signs.Smoke.SmokeMoment;

/** Everything seen before anything is loosened. Whatever was not looked at stays empty. */
public record Signs(
        OilSigns oil,
        CoolantSigns coolant,
        BreatherSigns breather,
        OilPressure oilPressure,
        Map<LeakPlace, LeakAmount> leaks,
        Optional<Contamination> leaksContaminatedBy,
        Map<SmokeMoment, Smoke> smoke,
        Optional<Soak> soak) {
    public static final Signs EMPTY = new Signs(null, null, null, null, null, Optional.empty(), null, Optional.empty());

    public Signs {
        oil = Objects.requireNonNullElse(oil, OilSigns.EMPTY);
        coolant = Objects.requireNonNullElse(coolant, CoolantSigns.EMPTY);
        breather = Objects.requireNonNullElse(breather, BreatherSigns.EMPTY);
        oilPressure = Objects.requireNonNullElse(oilPressure, OilPressure.EMPTY);
        leaks = Map.copyOf(Objects.requireNonNullElse(leaks, Map.of()));
        smoke = Map.copyOf(Objects.requireNonNullElse(smoke, Map.of()));
    }

    public boolean smokes(SmokeMoment moment, SmokeColour colour) {
        return smoke.containsKey(moment) && smoke.get(moment).is(colour);
    }

    /** Whether every moment that was watched showed no smoke, and at least one was watched. */
    boolean noSmokeSeen() {
        return !smoke.isEmpty() && smoke.values().stream().allMatch(s -> s.is(SmokeColour.NONE));
    }

    boolean leaksAt(LeakPlace place) {
        return leaks.getOrDefault(place, LeakAmount.DRY) != LeakAmount.DRY;
    }

    boolean anyLeak(LeakAmount amount) {
        return leaks.containsValue(amount);
    }

    /** How much is seen at a place. */
    public enum LeakAmount {
        DRY,
        DAMP,
        DRIPS
    }

    /** Where oil or coolant may be seen outside. */
    public enum LeakPlace {
        VALVE_COVER,
        FRONT_SEAL,
        REAR_SEAL,
        SUMP,
        OIL_FILTER,
        HEAD_JOINT,
        COOLANT_PUMP,
        HOSES,
        EXHAUST_ELBOW
    }
}
