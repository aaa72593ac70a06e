package silentotter.core.practice;

import silentotter.core.wording.Labelled;

/** How hard a case is. */
public enum Difficulty implements Labelled {
    /** One plain fault, honest instruments. */
    EASY,
    /** As they come to a workshop: one fault, or none. */
    USUAL,
    /** Two faults, or an instrument that is not honest. */
    HARD
}
