package silentotter.core.planning;

import silentotter.core.engine.Engine;
import silentotter.core.engine.Layout;

/** What is done once for several tests. Minutes from trade practice. */
public enum SetUp {
    /** Run warm: on a stand, or after it cooled. */
    WARM,
    PLUGS_OUT,
    /** Plugs back in, where a test needs it running again. */
    PLUGS_IN,
    AIR,
    /** The crankcase shut but for the orifice. */
    BREATHER_SEALED,
    /** Opened again, for everything else that runs it. */
    BREATHER_OPEN;

    private static final double HIDDEN = 1.3;
    private static final double INJECTORS = 1.6;

    /** Minutes on this engine, 0 or more. */
    public double minutes(Engine engine) {
        Layout layout = engine.arrangement().layout();
        double hidden = layout == Layout.INLINE ? 1 : HIDDEN;
        double plugs = (4 + 2 * engine.arrangement().count()) * (engine.isDiesel() ? INJECTORS : 1) * hidden;
        return switch (this) {
            case WARM -> 12;
            case PLUGS_OUT, PLUGS_IN -> plugs;
            case AIR, BREATHER_SEALED -> 6;
            case BREATHER_OPEN -> 2;
        };
    }
}
