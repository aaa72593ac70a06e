package silentotter.core.blowby;

import java.util.List;
import silentotter.core.engine.Engine;
import silentotter.core.wording.Labelled;

/** What is set up before the orifice test, in the order in which it is done. */
public enum SetUpCheck implements Labelled {
    EXHAUST_LED_OUT,
    WARM,
    VENTILATION_PLUGGED,
    FILLER_SEALED,
    DIPSTICK_SEALED,
    FRESH_SEAL,
    ORIFICE_FITS,
    TUBE_LEVEL,
    CHECK_VALVE;

    /** What is to be checked on this engine: only one that pumps its crankcase needs check valve and reservoir. */
    public static List<SetUpCheck> of(Engine engine) {
        return List.of(values()).stream()
                .filter(c -> c != CHECK_VALVE || Pumping.pumps(engine))
                .toList();
    }
}
