package silentotter.core.inside;

/** The wall of the bore. */
public enum BoreWall {
    HATCH_SEEN,
    GLAZED,
    SCORED,
    RUSTY
}
