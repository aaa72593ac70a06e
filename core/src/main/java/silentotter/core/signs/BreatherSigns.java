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

    /** What the crankcase does at idle with its ventilation working. */
    public enum Ventilation {
        SUCTION,
        NOTHING,
        PRESSURE
    }

    /** Oil at the breather. */
    public enum BreatherOil {
        NONE,
        MIST,
        WET
    }

    /** Oil in the air box or intake duct. */
    public enum AirBox {
        DRY,
        DAMP,
        POOLED
    }
}
