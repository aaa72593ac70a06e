package silentotter.core.oil;

import silentotter.core.wording.Labelled;

/** What oil use is counted by. */
public enum Meter implements Labelled {
    DISTANCE,
    HOURS,
    DATE
}
