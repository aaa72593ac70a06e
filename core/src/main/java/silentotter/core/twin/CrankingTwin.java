package silentotter.core.twin;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.ClassicalRungeKuttaIntegrator;
import silentotter.core.flow.AirFlow;
import silentotter.core.quantity.Pressure;

/**
 * Zero-dimensional model of one cylinder on the starter with a compression gauge in its plug hole.
 *
 * <p>Each compression stroke is integrated by crank angle from intake closing to 50° before the next bottom centre:
 * ideal gas, first law, a constant heat transfer coefficient to the walls, a fixed leak to ambient, and flow through
 * the check valve into the gauge volume while the cylinder is above the gauge. The valve holds the gauge between
 * strokes; the cylinder starts each stroke with a fresh charge. Method: classical fourth-order Runge-Kutta with a
 * fixed step, so that the reading is a smooth function of every input and can be inverted.
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

    /** Readings differ by less than 0.2 % from those of half-degree steps. */
    private static final double STEP_DEG = 3;

    private CrankingTwin() {}

    /** Gauge readings after each compression stroke, one per stroke of the setup. */
    public static List<Pressure> run(CrankingSetup setup) {
        Stroke stroke = new Stroke(setup);
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

    /**
     * One compression stroke. State: gas mass (kg), gas temperature (K), absolute gauge pressure (Pa); variable:
     * degrees after top centre. Volumes are tabulated at the half steps that the method asks for: the same for every
     * stroke, and by far the dearest part to compute.
     */
    private static final class Stroke implements OrdinaryDifferentialEquation {
        private final double start;
        private final double halfStep;
        private final double[] volume;
        private final double[] volumeRate;
        private final double[] wallArea;
        private final ClassicalRungeKuttaIntegrator method;
        private final double freshMass;
        private final double freshTemperature;
        private final double leak;
        private final double ambient;
        private final double air;
        private final double wall;
        private final double gaugeVolume;
        private final double secondsPerDegree;

        Stroke(CrankingSetup setup) {
            start = setup.intakeClosingDeg() - 180;
            int steps = (int) Math.ceil((END_DEG - start) / STEP_DEG);
            halfStep = (END_DEG - start) / steps / 2;
            volume = new double[2 * steps + 1];
            volumeRate = new double[2 * steps + 1];
            wallArea = new double[2 * steps + 1];
            tabulate(
                    setup.geometry(),
                    setup.geometry().clearance().plus(setup.hoseVolume()).cubicMetres());
            method = new ClassicalRungeKuttaIntegrator(2 * halfStep);

            leak = setup.leakArea().squareMetres();
            ambient = setup.ambient().pa();
            air = setup.airTemperature().kelvin();
            wall = setup.wallTemperature().kelvin();
            gaugeVolume = setup.gaugeVolume().cubicMetres();
            secondsPerDegree = 1 / setup.speed().degreesPerSecond();
            freshTemperature = air + CHARGE_WARMING;
            freshMass = ambient * setup.intakeFactor() * volume[0] / (AirFlow.R * freshTemperature);
        }

        private void tabulate(CylinderGeometry geometry, double clearance) {
            double crown = geometry.crownArea();
            double circumference = Math.PI * geometry.bore().metres();
            for (int i = 0; i < volume.length; i++) {
                double degrees = start + i * halfStep;
                double travel = geometry.travel(degrees);
                volume[i] = clearance + crown * travel;
                volumeRate[i] = crown * geometry.travelRate(degrees) * Math.PI / 180;
                wallArea[i] = 2 * crown + circumference * travel;
            }
        }

        /** Absolute gauge pressure after one more stroke with a fresh charge. */
        double gaugeAfter(double gauge) {
            ODEState fresh = new ODEState(start, new double[] {freshMass, freshTemperature, gauge});
            return method.integrate(this, fresh, END_DEG).getPrimaryState()[2];
        }

        @Override
        public int getDimension() {
            return 3;
        }

        @Override
        public double[] computeDerivatives(double degrees, double[] y) {
            int i = (int) Math.rint((degrees - start) / halfStep);
            double mass = y[0];
            double temperature = y[1];
            double gauge = y[2];
            double pressure = mass * AirFlow.R * temperature / volume[i];

            double out = pressure > ambient ? AirFlow.massFlow(leak, pressure, ambient, temperature) : 0;
            double in = pressure < ambient ? AirFlow.massFlow(leak, ambient, pressure, air) : 0;
            double toGauge = pressure > gauge ? AirFlow.massFlow(CHECK_VALVE_AREA, pressure, gauge, temperature) : 0;

            double heat = HEAT_TRANSFER * wallArea[i] * (wall - temperature);
            double flowWork =
                    in * (AirFlow.CP * air - AirFlow.CV * temperature) - (out + toGauge) * AirFlow.R * temperature;

            double massRate = in - out - toGauge;
            return new double[] {
                massRate * secondsPerDegree,
                ((heat + flowWork) * secondsPerDegree - pressure * volumeRate[i]) / (mass * AirFlow.CV),
                toGauge * AirFlow.R * air / gaugeVolume * secondsPerDegree
            };
        }
    }
}
