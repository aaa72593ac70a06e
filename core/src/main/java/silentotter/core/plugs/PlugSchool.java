package silentotter.core.plugs;

import silentotter.core.wording.Labelled;

/** How much is read from plugs; practitioners disagree. */
public enum PlugSchool implements Labelled {
    EVENNESS_ONLY,
    FULL_READING;
}
