package silentotter.core.blowby;

import silentotter.core.wording.Labelled;

/** What the engine does while the crankcase pressure is read, in the order of the test. */
public enum BlowbyPoint implements Labelled {
    AS_FOUND,
    IDLE,
    HELD,
    LOADED,
    SNAP;

    /** Whether it stands long enough for a mean; of a snap only the highest counts. */
    public boolean isSteady() {
        return this != SNAP;
    }
}
