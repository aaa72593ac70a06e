package silentotter.core.diagnosis;

import silentotter.core.wording.Labelled;

/** How sure a finding is, in words that mean the same everywhere. */
public enum Sureness implements Labelled {
    NEAR_CERTAIN,
    LIKELY,
    POSSIBLE,
    OPEN;
}
