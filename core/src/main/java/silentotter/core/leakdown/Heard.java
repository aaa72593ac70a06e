package silentotter.core.leakdown;

import silentotter.core.wording.Labelled;

/** What was heard at a place where somebody listened, loudest last; not listened is no entry at all. */
public enum Heard implements Labelled {
    CANNOT_BE_REACHED,
    NOTHING,
    FAINT,
    CLEAR,
    LOUD;
}
