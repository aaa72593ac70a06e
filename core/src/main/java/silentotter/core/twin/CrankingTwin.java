package silentotter.core.twin;

import java.util.ArrayList;
import java.util.List;
import silentotter.core.flow.AirFlow;
import silentotter.core.quantity.Pressure;

/**
 * Zero-dimensional model of one cylinder on the starter with a compression gauge in its plug hole.
 *
 * <p>Each compression stroke is followed by crank angle from intake closing to 50° before the next bottom centre:
 * ideal gas, first law, a constant heat transfer coefficient to the walls, a fixed leak to ambient, and flow through
 * the check valve into the gauge volume while the cylinder is above the gauge. The valve holds the gauge between
 * strokes; the cylinder starts each stroke with a fresh charge.
 *
 * <p>Method: operator splitting (G. Strang, SIAM J. Numer. Anal. 5, 1968) with a fixed step, one part after the other:
 * the piston moves half a step (isentropic, exact), the walls exchange heat (exact), the leak lets air through at
 * constant volume ({@link Vessel}), the piston moves on, and the gauge fills. No part can overshoot what it settles towards, so a leak that empties the cylinder within a
 * fraction of a step reads nothing, where the explicit Runge-Kutta methods of a library run away: their step must follow
 * the fastest time constant, which here spans five decades.
 *
 * <p>The level depends on guesses (valve timing, heat, hose, gauge), about 15 % together. Ratios between sister
 * cylinders do not: use those.
 */
public final class CrankingTwin {
    /** Heat transfer coefficient to crown, head and exposed liner, W/(m²·K). */
    private static final double HEAT_TRANSFER = 200;
    /** Effective area of the gauge's check valve, m². */
    private static final double CHECK_VALVE_AREA = 3e-6;
    /** The fresh charge is this much warmer than the air, K. */
    private static final double CHARGE_WARMING = 10;
    /** The stroke is followed until this many degrees after top centre. */
    private static final double END_DEG = 130;

    /** Readings differ from those of a twentieth of this step by less than 0.2 %, or 4 kPa where a leak takes nearly all. */
    private static final double STEP_DEG = 1;

    private CrankingTwin() {}

    /** Gauge readings after each compression stroke, one per stroke of the setup. */
    public static List<Pressure> run(CrankingSetup setup) {
        return run(setup, STEP_DEG);
    }

    static List<Pressure> run(CrankingSetup setup, double stepDeg) {
        Stroke stroke = new Stroke(setup, stepDeg);
        List<Pressure> readings = new ArrayList<>(setup.strokes());
        double ambient = setup.ambient().pa();
        double gauge = ambient;
        for (int i = 0; i < setup.strokes(); i++) {
            gauge = stroke.gaugeAfter(gauge);
            readings.add(Pressure.ofPa(gauge - ambient));
        }
        return readings;
    }

    /** The reading after the last stroke of the setup. */
    public static Pressure finalReading(CrankingSetup setup) {
        List<Pressure> readings = run(setup);
        return readings.get(readings.size() - 1);
    }

    /** One compression stroke. What depends on the crank alone is tabulated: it is the same for every stroke. */
    private static final class Stroke {
        /** At every half step. */
        private final double[] volume;
        /** By how much the move to the next half step warms the gas. */
        private final double[] warming;
        /** At the middle of every step. */
        private final double[] wallArea;

        private final double freshMass;
        private final double freshTemperature;
        private final double leak;
        private final double ambient;
        private final double air;
        private final double wall;
        private final double gaugeVolume;
        private final double secondsPerStep;

        Stroke(CrankingSetup setup, double stepDeg) {
            double start = setup.intakeClosingDeg() - 180;
            int steps = (int) Math.ceil((END_DEG - start) / stepDeg);
            double step = (END_DEG - start) / steps;
            CylinderGeometry geometry = setup.geometry();
            double clearance = geometry.clearance().plus(setup.hoseVolume()).cubicMetres();
            double crown = geometry.crownArea();
            double circumference = Math.PI * geometry.bore().metres();
            volume = new double[2 * steps + 1];
            warming = new double[2 * steps];
            wallArea = new double[steps];
            for (int i = 0; i < volume.length; i++) {
                double travel = geometry.travel(start + i * step / 2);
                volume[i] = clearance + crown * travel;
                if (i % 2 == 1) {
                    wallArea[i / 2] = 2 * crown + circumference * travel;
                }
            }
            for (int i = 0; i < warming.length; i++) {
                warming[i] = Math.pow(volume[i] / volume[i + 1], AirFlow.GAMMA - 1);
            }
            leak = setup.leakArea().squareMetres();
            ambient = setup.ambient().pa();
            air = setup.airTemperature().kelvin();
            wall = setup.wallTemperature().kelvin();
            gaugeVolume = setup.gaugeVolume().cubicMetres();
            secondsPerStep = step / setup.speed().degreesPerSecond();
            freshTemperature = air + CHARGE_WARMING;
            freshMass = ambient * setup.intakeFactor() * volume[0] / (AirFlow.R * freshTemperature);
        }

        /** Absolute gauge pressure after one more stroke with a fresh charge. */
        double gaugeAfter(double gauge) {
            Vessel gas = new Vessel(freshMass, freshTemperature, gauge, gaugeVolume, ambient, air);
            int steps = wallArea.length;
            for (int i = 0; i < steps; i++) {
                gas.warmBy(warming[2 * i]);
                gas.exchangeHeat(HEAT_TRANSFER * wallArea[i], wall, secondsPerStep);
                gas.leak(volume[2 * i + 1], leak, secondsPerStep);
                gas.warmBy(warming[2 * i + 1]);
                gas.fillGauge(volume[2 * i + 2], CHECK_VALVE_AREA, i < steps - 1 ? secondsPerStep : secondsPerStep / 2);
            }
            return gas.gauge();
        }
    }
}
