package silentotter.core.oil;

import silentotter.core.wording.Labelled;

/** What a line of an oil log is about. */
public enum OilEntryKind implements Labelled {
    DIP,
    TOP_UP,
    FILL,
    DRAIN
}
