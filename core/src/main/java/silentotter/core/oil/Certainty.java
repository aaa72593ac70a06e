package silentotter.core.oil;

import silentotter.core.wording.Labelled;

/** How well the writer knew what was written down. */
public enum Certainty implements Labelled {
    MEASURED,
    ABOUT,
    REMEMBERED
}
