package silentotter.core.finding;

import silentotter.core.wording.Labelled;

/** What spoiled a finding before it was taken. A spoiled finding is kept and weighs little. */
public enum Contamination implements Labelled {
    DIRTY_PAN,
    SPRAY,
    DRIPS,
    POURED_OIL,
    HANDLED;
}
