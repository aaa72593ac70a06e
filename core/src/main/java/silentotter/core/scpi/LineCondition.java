package silentotter.core.scpi;

import silentotter.core.wording.Labelled;

/** How a line to an instrument stands. */
public enum LineCondition implements Labelled {
    CALLING,
    READING,
    BEYOND_SCALE,
    NO_NUMBER,
    WRONG_UNIT,
    LOST
}
