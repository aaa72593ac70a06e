package silentotter.core.compression;

/** What a wet test says of one cylinder. */
public enum WetOutcome {
    /** Rose well beyond what the oil's volume alone does: the oil sealed the rings. */
    RINGS_SEALED,
    /** Rose a little beyond it: not enough to tell. */
    UNCLEAR,
    /** Rose no more than the volume explains: the leak is not past the rings. */
    VOLUME_ONLY,
    /** The size of the cylinder is unknown, so the artefact cannot be taken off. */
    NOT_CORRECTED
}
