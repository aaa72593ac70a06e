package silentotter.core.oil;

import silentotter.core.wording.Labelled;

/** In what the levels of a log are counted. */
public enum StickUnit implements Labelled {
    MILLIMETRES,
    SPANS
}
