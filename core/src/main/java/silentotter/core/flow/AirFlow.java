package silentotter.core.flow;

import org.hipparchus.util.FastMath;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;

/**
 * Quasi-one-dimensional isentropic flow of air through a hole (Saint-Venant and Wantzel 1839; any gas dynamics
 * textbook): mass flow = area · upstream pressure · ψ(pressure ratio) / √(R·T), choked below the critical ratio.
 */
public final class AirFlow {
    /** Ratio of specific heats of dry air. */
    public static final double GAMMA = 1.4;
    /** Specific gas constant of dry air, J/(kg·K). */
    public static final double R = 287.05;
    /** Specific heat at constant volume, J/(kg·K). */
    public static final double CV = R / (GAMMA - 1);
    /** Specific heat at constant pressure, J/(kg·K). */
    public static final double CP = CV * GAMMA;
    /** Density of free air at 101.325 kPa and 20 °C, kg/m³. */
    public static final double FREE_AIR_DENSITY = 1.2041;
    /** Below this downstream to upstream ratio the flow is choked. */
    public static final double CRITICAL_RATIO = FastMath.pow(2 / (GAMMA + 1), GAMMA / (GAMMA - 1));

    private static final double TWICE_CP_OVER_R = 2 * GAMMA / (GAMMA - 1);
    private static final double PSI_CHOKED = psiOfRatio(CRITICAL_RATIO);

    private AirFlow() {}

    /**
     * The flow function ψ.
     *
     * @param ratio downstream to upstream absolute pressure, 0 to 1; above 1 gives no flow
     */
    public static double psi(double ratio) {
        if (ratio >= 1) {
            return 0;
        }
        return ratio <= CRITICAL_RATIO ? PSI_CHOKED : psiOfRatio(ratio);
    }

    private static double psiOfRatio(double ratio) {
        double root = Math.pow(ratio, 1 / GAMMA);
        return Math.sqrt(TWICE_CP_OVER_R * root * (root - ratio));
    }

    /**
     * Mass flow in kg/s from the upstream to the downstream side, for use inside numeric loops.
     *
     * @param area effective area, m²
     * @param upstream absolute pressure, Pa
     * @param downstream absolute pressure, Pa
     * @param temperature of the upstream gas, K
     */
    public static double massFlow(double area, double upstream, double downstream, double temperature) {
        return area * upstream * psi(downstream / upstream) / Math.sqrt(R * temperature);
    }

    /** Discharge in litres of free air a minute from a hole between two absolute pressures. */
    public static double freeAirLitresPerMinute(
            LeakArea area, Pressure upstreamAbsolute, Pressure downstreamAbsolute, Temperature temperature) {
        double kgPerSecond =
                massFlow(area.squareMetres(), upstreamAbsolute.pa(), downstreamAbsolute.pa(), temperature.kelvin());
        return kgPerSecond / FREE_AIR_DENSITY * 60_000;
    }
}
