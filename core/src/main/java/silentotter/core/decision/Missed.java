package silentotter.core.decision;

import java.util.EnumMap;
import java.util.Map;
import silentotter.core.fault.Cause;

/**
 * What it costs on the mean to leave a fault alone, in the money that the costs are in. Judgement values from trade
 * practice; the shop edits them.
 *
 * @param cause the fault where it sits
 * @param loss 0 or more
 * @param because what it leads to
 */
public record Missed(Cause cause, double loss, String because) {
    private static final Map<Cause, Missed> TABLE = new EnumMap<>(Cause.class);

    static {
        put(Cause.BROKEN, 9000, "what is loose ends in the sump or the bore");
        put(Cause.WATER, 6000, "water on the crown bends a rod, water in the oil takes the bearings");
        put(Cause.EXHAUST_WATER, 5000, "salt water back into a stopped engine");
        put(Cause.GASKET, 4500, "it burns the deck between the two");
        put(Cause.RING, 3500, "oil use, a scored bore");
        put(Cause.EXHAUST_VALVE, 3000, "the seat burns away");
        put(Cause.INTAKE_VALVE, 3000, "it burns, and spits back into the intake");
        put(Cause.EVEN_WEAR, 2800, "it goes on until it no longer starts");
        put(Cause.OIL_RING_HERE, 2600, "oil use, and an engine run low on it");
        put(Cause.OIL_RINGS, 2600, "oil use, and an engine run low on it");
        put(Cause.VALVE_NOT_OPENING, 2500, "the lobe wears on, its iron goes round in the oil");
        put(Cause.VALVE_HELD, 2000, "a valve that hangs burns, or meets the piston");
        put(Cause.CAM_TIMING, 1500, "low on power, and a chain or belt that has slipped may slip again");
        put(Cause.CRANKCASE_AIR, 1500, "air thins the mixture until a piston seizes");
        put(Cause.STEM_SEAL_HERE, 1000, "oil use and a dirty plug");
        put(Cause.STEM_SEALS, 1000, "oil use and smoke");
        put(Cause.VENTILATION, 800, "oil pushed out past every seal");
        put(Cause.OUTSIDE, 500, "oil in the bilge or on the belt");
        put(Cause.ALL_ALIKE, 0, "nothing: it is the measuring");
    }

    private static void put(Cause cause, double loss, String because) {
        TABLE.put(cause, new Missed(cause, loss, because));
    }

    /** The usual value for each cause. */
    public static Missed of(Cause cause) {
        return TABLE.get(cause);
    }
}
