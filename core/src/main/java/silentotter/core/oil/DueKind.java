package silentotter.core.oil;

import silentotter.core.wording.Labelled;

/** What falls due on an engine, most urgent first. */
public enum DueKind implements Labelled {
    LOW_MARK,
    ABORT_MARK,
    CHECKPOINT,
    NEXT_DIP,
    RETEST,
    SOAK
}
