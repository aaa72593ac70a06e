package silentotter.core.flow;

import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;

/**
 * The hole that all crankcase gas is led through, so that the pressure before it tells the flow: Q = Cd · A · √(2·Δp/ρ)
 * (incompressible orifice flow, any fluid mechanics textbook; pressures here are a few hundred pascals).
 *
 * @param diameter above 0
 * @param dischargeCoefficient 0.3 to 1; 0.62 for a sharp edge
 */
public record BreatherOrifice(Length diameter, double dischargeCoefficient) {
    /** A sharp-edged hole in a thin plate. */
    public static final double SHARP_EDGE = 0.62;

    /** The air that flows are given in: dry, at 20 °C and 101.325 kPa. */
    private static final Temperature REFERENCE = Temperature.ofCelsius(20);

    private static final double LITRES_PER_MINUTE = 60_000;

    /**
     * Flow as litres of reference air a minute.
     *
     * @param drop over the hole, not below 0
     * @param gas temperature of what flows; hot gas is thinner, so the same pressure is less air
     */
    public double litresPerMinute(Pressure drop, Temperature gas) {
        double speed = Math.sqrt(2 * drop.pa() / AirFlow.FREE_AIR_DENSITY);
        return dischargeCoefficient * area() * speed * Math.sqrt(thinning(gas)) * LITRES_PER_MINUTE;
    }

    /** The pressure before the hole at a flow of reference air. */
    public Pressure drop(double litresPerMinute, Temperature gas) {
        double speed = litresPerMinute / LITRES_PER_MINUTE / (dischargeCoefficient * area());
        return Pressure.ofPa(AirFlow.FREE_AIR_DENSITY * speed * speed / 2 / thinning(gas));
    }

    /** Density of the gas over that of reference air. */
    private static double thinning(Temperature gas) {
        return REFERENCE.kelvin() / gas.kelvin();
    }

    private double area() {
        return Math.PI / 4 * diameter.metres() * diameter.metres();
    }
}
