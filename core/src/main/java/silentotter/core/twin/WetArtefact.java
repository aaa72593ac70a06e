package silentotter.core.twin;

import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Volume;

/**
 * The rise of a reading that oil causes only by filling part of the clearance volume, without sealing anything. It is
 * this cylinder's own: with a leak it is smaller.
 */
public final class WetArtefact {
    /** Above this share of the clearance volume oil is refused: the engine could lock. */
    public static final double REFUSED_SHARE = 0.25;
    /** Above this share of the clearance volume a dose is warned about: the artefact buries the answer. */
    public static final double WARNED_SHARE = 0.1;
    /** Share of the oil that stays on the crown during a few turns. */
    public static final double LEAST_RETENTION = 0.3;

    private static final double LEAST_READING_KPA = 1;

    private WetArtefact() {}

    /**
     * Predicted rise in per cent of the dry reading.
     *
     * @param dry the dry run, with the cylinder's own leak
     * @param oil oil on the crown; below the clearance volume
     */
    public static double risePercent(CrankingSetup dry, LeakArea leak, Volume oil) {
        CylinderGeometry geometry = dry.geometry();
        double left = geometry.clearance().millilitres() - oil.millilitres();
        if (left <= 0) {
            throw new IllegalArgumentException(
                    "oil must be less than the clearance volume of " + geometry.clearance() + ", but was " + oil);
        }
        CrankingSetup leaking = dry.withLeakArea(leak);
        CrankingSetup wet = leaking.withGeometry(geometry.withClearance(Volume.ofMillilitres(left)));
        Pressure before = CrankingTwin.finalReading(leaking);
        // A cylinder that holds nothing has nothing that could rise.
        return before.kPa() < LEAST_READING_KPA
                ? 0
                : 100 * (CrankingTwin.finalReading(wet).ratioTo(before) - 1);
    }

    /** The most oil that may be in the cylinder. */
    public static Volume safeOil(CylinderGeometry geometry) {
        return geometry.clearance().times(REFUSED_SHARE);
    }

    /** The amount from which the tool warns. */
    public static Volume warnedOil(CylinderGeometry geometry) {
        return geometry.clearance().times(WARNED_SHARE);
    }
}
