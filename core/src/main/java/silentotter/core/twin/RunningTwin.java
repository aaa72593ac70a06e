package silentotter.core.twin;

import silentotter.core.flow.AirFlow;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;

/**
 * Zero-dimensional model of one cylinder of a running four-stroke, for what its rings let into the crankcase: an ideal cycle
 * with compression and expansion as polytropes and the heat added at top centre as a step in temperature (air-standard
 * cycle, any engine textbook). While the cylinder is below the crankcase, gas flows back and counts negative.
 *
 * <p>What it gives is good for comparing areas and loads, not for a level: gap, ring motion and bore distortion are in the
 * one effective area.
 */
public final class RunningTwin {
    private static final double COMPRESSION = 1.32;
    private static final double EXPANSION = 1.28;
    /** Of the charge when the intake closes, and of the gas in the ring pack, K. */
    private static final double CHARGE = 330;

    private static final double RING_PACK = 450;
    /** Temperature step at top centre when idling against a shut throttle and under full load, K. */
    private static final double IDLE_STEP = 1600;

    private static final double LOAD_STEP = 2000;
    private static final double IDLE_MANIFOLD_PA = 35_000;
    private static final double LOAD_MANIFOLD_PA = 100_000;
    /** After bottom centre. */
    private static final double INTAKE_CLOSING_DEG = 55;
    /** Before bottom centre. */
    private static final double EXHAUST_OPENING_DEG = 50;

    private static final double CYCLE_DEG = 720;
    private static final double STEP_DEG = 1;
    private static final double LITRES_PER_MINUTE = 60_000;

    private RunningTwin() {}

    /**
     * What the rings of one cylinder let into the crankcase, litres of free air a minute; below 0 where more flows back.
     *
     * @param manifold absolute, at the intake
     * @param crankcase absolute
     */
    public static double blowBy(
            CylinderGeometry geometry, LeakArea rings, Pressure manifold, Pressure crankcase, CrankSpeed speed) {
        double closing = INTAKE_CLOSING_DEG - 180;
        double area = rings.squareMetres();
        double clearance = geometry.clearance().cubicMetres();
        double trapped = volume(geometry, closing);
        double compressed = manifold.pa() * Math.pow(trapped / clearance, COMPRESSION);
        double temperature = CHARGE * Math.pow(trapped / clearance, COMPRESSION - 1);
        double peak = compressed * (1 + heatStep(manifold) / temperature);
        double kg = 0;
        for (double deg = closing + STEP_DEG / 2; deg < 180 - EXHAUST_OPENING_DEG; deg += STEP_DEG) {
            double here = volume(geometry, deg);
            double pressure = deg < 0
                    ? manifold.pa() * Math.pow(trapped / here, COMPRESSION)
                    : peak * Math.pow(clearance / here, EXPANSION);
            kg += flow(area, pressure, crankcase.pa());
        }
        // With the exhaust open the cylinder stands near the crankcase; with the intake open at the manifold.
        kg += 180 / STEP_DEG * flow(area, manifold.pa(), crankcase.pa());
        double meanKgPerSecond = kg * STEP_DEG / CYCLE_DEG;
        return meanKgPerSecond / AirFlow.FREE_AIR_DENSITY * LITRES_PER_MINUTE;
    }

    private static double heatStep(Pressure manifold) {
        double load = (manifold.pa() - IDLE_MANIFOLD_PA) / (LOAD_MANIFOLD_PA - IDLE_MANIFOLD_PA);
        return IDLE_STEP + (LOAD_STEP - IDLE_STEP) * Math.max(0, Math.min(1, load));
    }

    private static double flow(double area, double cylinder, double crankcase) {
        return cylinder >= crankcase
                ? AirFlow.massFlow(area, cylinder, crankcase, RING_PACK)
                : -AirFlow.massFlow(area, crankcase, cylinder, RING_PACK);
    }

    private static double volume(CylinderGeometry geometry, double deg) {
        return geometry.clearance().cubicMetres() + geometry.crownArea() * geometry.travel(deg);
    }
}
