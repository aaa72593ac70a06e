package silentotter.core.blowby;

import java.util.Optional;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.Engine;
import silentotter.core.engine.Layout;

/** Engines whose pistons pump the crankcase: its volume changes by as much as they sweep together, each turn. */
public final class Pumping {
    private Pumping() {}

    /** Singles, twins and boxers; in the others one piston's way up is another's way down. */
    public static boolean pumps(Engine engine) {
        return engine.arrangement().count() <= 2 || engine.arrangement().layout() == Layout.FLAT;
    }

    /** Why a reading through the orifice says nothing on this engine; empty where it does. */
    static Optional<String> refusal(Engine engine, BlowbyDocument reading) {
        if (engine.cycle() == Cycle.TWO_STROKE) {
            return Optional.of(
                    "A two-stroke that breathes through its crankcase has no blow-by test: its crankcase holds"
                            + " pressure and vacuum instead.");
        }
        if (reading.ventilation() == CrankcaseVent.SHUT
                && pumps(engine)
                && !reading.checks().contains(SetUpCheck.CHECK_VALVE)) {
            return Optional.of(
                    "This engine pumps its crankcase: singles, twins and boxers move all its air to and fro each"
                            + " turn, and the reading is that and not blow-by. Fit check valve and reservoir, and tick them.");
        }
        return Optional.empty();
    }
}
