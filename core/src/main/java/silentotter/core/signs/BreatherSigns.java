package silentotter.core.signs;

import java.util.Optional;

/**
 * Breather, air box and crankcase ventilation as found.
 *
 * @param hoseBlocked whether hose or valve of the ventilation is blocked
 */
public record BreatherSigns(
        Optional<BreatherOil> breatherOil,
        Optional<AirBox> airBox,
        Optional<Ventilation> ventilation,
        Optional<Boolean> hoseBlocked) {
    static final BreatherSigns EMPTY =
            new BreatherSigns(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
}
