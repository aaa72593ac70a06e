package silentotter.core.job;

import java.util.Optional;
import silentotter.core.flow.Atmosphere;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;

/**
 * The air the engine was tested in.
 *
 * @param measured absolute ambient pressure from a barometer; wins over the altitude
 * @param altitudeMetres height above sea level
 */
public record Ambient(Optional<Pressure> measured, Optional<Double> altitudeMetres, Optional<Temperature> temperature) {
    public static final Ambient UNKNOWN = new Ambient(Optional.empty(), Optional.empty(), Optional.empty());

    private static final Temperature USUAL = Temperature.ofCelsius(20);

    /** Absolute ambient pressure; the standard atmosphere at sea level when nothing is known. */
    public Pressure pressure() {
        return measured.or(() -> altitudeMetres.map(Atmosphere::pressureAt)).orElse(Pressure.STANDARD_ATMOSPHERE);
    }

    public Temperature airTemperature() {
        return temperature.orElse(USUAL);
    }

    public boolean isKnown() {
        return measured.isPresent() || altitudeMetres.isPresent();
    }
}
