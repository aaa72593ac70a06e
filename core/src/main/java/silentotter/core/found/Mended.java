package silentotter.core.found;

import silentotter.core.wording.Labelled;

/** What a repair said of the fault that it was for: the same test, done again afterwards. */
public enum Mended implements Labelled {
    CURED,
    NOT_CURED
}
