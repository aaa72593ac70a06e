package silentotter.core.plugs;

import java.util.Optional;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.Engine;
import silentotter.core.engine.Traits.FuelSystem;
import silentotter.core.intake.Intake;
import silentotter.core.intake.Intake.History;
import silentotter.core.plugs.PlugSet.PlugMake;

/**
 * A plug together with everything that changes how it is read: engine, use, age, and its sisters.
 *
 * @param alone whether it looks unlike the rest of the set
 * @param heaviest whether much lies on it where the same lies thinly on its sisters
 */
record PlugSeen(Plug plug, PlugSet set, Engine engine, Intake intake, boolean alone, boolean heaviest) {
    boolean injected() {
        return engine.traits()
                .fuelSystem()
                .filter(f -> f != FuelSystem.CARBURETTOR)
                .isPresent();
    }

    boolean twoStroke() {
        return engine.cycle() == Cycle.TWO_STROKE;
    }

    boolean wetExhaust() {
        return engine.hasWetExhaust();
    }

    boolean idled() {
        return intake.had(History.LONG_IDLING) || intake.had(History.SHORT_RUNS);
    }

    boolean look(PlugLook which) {
        return PlugLook.of(plug).filter(l -> l == which).isPresent();
    }

    /** Growth of the gap; empty where gap, new gap or age is unknown. */
    Optional<GapGrowth> growth() {
        Optional<Double> fresh = set.newGapMm()
                .or(() -> engine.limits().plugGap().map(l -> l.value().mm()));
        return plug.gapMm()
                .flatMap(gap -> fresh.flatMap(f -> set.known()
                        .filter(km -> km > 0 && !set.isNew())
                        .map(km -> GapGrowth.of(gap, f, km, set.make().orElse(PlugMake.PLAIN)))));
    }

    boolean growsFasterThan(double timesOrdinary) {
        return growth().filter(g -> g.proven() && g.timesOrdinary() > timesOrdinary)
                .isPresent();
    }
}
