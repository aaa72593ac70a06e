package silentotter.core.signs;

import java.util.Optional;
import silentotter.core.quantity.Pressure;

/**
 * Oil pressure from a gauge screwed in, cold and hot at speed; 0 to 1500 kPa, 200 to 8000 rpm.
 */
public record OilPressure(
        Optional<Double> coldKPa, Optional<Double> coldRpm, Optional<Double> hotKPa, Optional<Double> hotRpm) {
    /** Least pressure hot for each 1000 rpm. Trade practice; the maker's figure wins. */
    public static final Pressure LEAST_PER_1000_RPM = Pressure.ofKPa(70);

    static final OilPressure EMPTY =
            new OilPressure(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** Whether hot pressure is below the general rule; empty without both figures. */
    public Optional<Boolean> lowHot() {
        return hotKPa.flatMap(p -> hotRpm.map(n -> p < LEAST_PER_1000_RPM.kPa() * n / 1000));
    }
}
