package silentotter.core.found;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import silentotter.core.wording.Labelled;

/**
 * What was found when the engine was opened or mended. Partial findings are the rule: what was not looked at is not good.
 *
 * @param opened how far it was opened
 * @param cylinders by number
 */
public record Found(
        Map<Opened, Boolean> opened,
        Map<Integer, CylinderFound> cylinders,
        EngineFound engine,
        WearLimits limits,
        WorkDone work) {
    public static final Found NOTHING =
            new Found(Map.of(), Map.of(), EngineFound.NOTHING, WearLimits.UNKNOWN, WorkDone.NONE);

    public Found {
        opened = Map.copyOf(Objects.requireNonNullElse(opened, Map.of()));
        cylinders = Map.copyOf(Objects.requireNonNullElse(cylinders, Map.of()));
        engine = Objects.requireNonNullElse(engine, EngineFound.NOTHING);
        limits = Objects.requireNonNullElse(limits, WearLimits.UNKNOWN);
        work = Objects.requireNonNullElse(work, WorkDone.NONE);
    }

    /** How far an engine was opened. */
    public enum Opened implements Labelled {
        COVER_OFF,
        HEAD_OFF,
        VALVES_OUT,
        PAN_OFF,
        PISTONS_OUT
    }

    /** Whether anything of the engine is known from inside: limits and prices alone open nothing. */
    public boolean begun() {
        return opened.containsValue(true)
                || !cylinders.isEmpty()
                || !engine.equals(EngineFound.NOTHING)
                || work.done().containsValue(true);
    }

    /** A measure against its limit; empty where either is unknown. */
    static Optional<Boolean> beyond(Optional<Double> measured, Optional<Double> limit) {
        return measured.flatMap(m -> limit.map(l -> m > l));
    }
}
