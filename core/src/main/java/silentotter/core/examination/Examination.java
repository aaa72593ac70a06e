package silentotter.core.examination;

import java.util.Map;
import java.util.Objects;
import silentotter.core.closing.Closing;
import silentotter.core.crankcase.CrankcaseHold;
import silentotter.core.found.Found;
import silentotter.core.inside.CylinderInside;
import silentotter.core.intake.Intake;
import silentotter.core.job.Observation;
import silentotter.core.plugs.PlugTray;
import silentotter.core.signs.Signs;
import silentotter.core.valves.ValveClearances;

/**
 * Everything that was looked at and told: before the gauges, and afterwards.
 *
 * @param inside by cylinder number
 * @param found what the engine showed when it was opened or mended; the diagnosis never reads it
 * @param steps the steps that destroyed evidence and have been taken, with the moment, such as 2026-11-03T09:42:00Z
 */
public record Examination(
        Intake intake,
        Signs signs,
        PlugTray plugs,
        Map<Integer, CylinderInside> inside,
        CrankcaseHold crankcase,
        ValveClearances valves,
        Map<LossyStep, String> steps,
        RoundChoices round,
        Found found,
        Closing closing)
        implements Observation {
    public static final Examination EMPTY = of(
            Intake.EMPTY, Signs.EMPTY, PlugTray.EMPTY, Map.of(), CrankcaseHold.EMPTY, ValveClearances.EMPTY, Map.of());

    public Examination {
        intake = Objects.requireNonNullElse(intake, Intake.EMPTY);
        signs = Objects.requireNonNullElse(signs, Signs.EMPTY);
        plugs = Objects.requireNonNullElse(plugs, PlugTray.EMPTY);
        inside = Map.copyOf(Objects.requireNonNullElse(inside, Map.of()));
        crankcase = Objects.requireNonNullElse(crankcase, CrankcaseHold.EMPTY);
        valves = Objects.requireNonNullElse(valves, ValveClearances.EMPTY);
        steps = Map.copyOf(Objects.requireNonNullElse(steps, Map.of()));
        round = Objects.requireNonNullElse(round, RoundChoices.NONE);
        found = Objects.requireNonNullElse(found, Found.NOTHING);
        closing = Objects.requireNonNullElse(closing, Closing.OPEN);
    }

    /** Where nothing was decided of the round, and the engine is still shut. */
    public static Examination of(
            Intake intake,
            Signs signs,
            PlugTray plugs,
            Map<Integer, CylinderInside> inside,
            CrankcaseHold crankcase,
            ValveClearances valves,
            Map<LossyStep, String> steps) {
        return new Examination(
                intake, signs, plugs, inside, crankcase, valves, steps, RoundChoices.NONE, Found.NOTHING, Closing.OPEN);
    }

    /** The same with the round decided otherwise. */
    public Examination with(RoundChoices choices) {
        return new Examination(intake, signs, plugs, inside, crankcase, valves, steps, choices, found, closing);
    }
}
