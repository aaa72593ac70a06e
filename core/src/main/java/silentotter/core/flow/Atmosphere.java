package silentotter.core.flow;

import silentotter.core.quantity.Pressure;

/** The standard atmosphere (ISO 2533) below 11 km, and what altitude does to a cranking reading. */
public final class Atmosphere {
    private Atmosphere() {}

    /** Ambient absolute pressure at a height in metres above sea level. */
    public static Pressure pressureAt(double altitudeMetres) {
        return Pressure.STANDARD_ATMOSPHERE.times(Math.pow(1 - 2.25577e-5 * altitudeMetres, 5.25588));
    }

    /**
     * What the same engine would read at sea level. The pressure ratio is the engine's, so a gauge reading scales
     * with the ambient pressure.
     */
    public static Pressure seaLevelReading(Pressure reading, Pressure ambientAbsolute) {
        return reading.times(Pressure.STANDARD_ATMOSPHERE.ratioTo(ambientAbsolute));
    }
}
