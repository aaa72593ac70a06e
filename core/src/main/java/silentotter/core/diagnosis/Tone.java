package silentotter.core.diagnosis;

/** What a verdict asks of its reader. */
public enum Tone {
    /** Nothing to read yet. */
    EMPTY,
    /** No loss of seal seen. */
    SOUND,
    /** Something to settle first. */
    DOUBT,
    /** A loss of seal. */
    LOSS
}
