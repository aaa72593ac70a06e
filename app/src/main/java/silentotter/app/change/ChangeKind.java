package silentotter.app.change;

/** The kinds of change that can be undone. */
public enum ChangeKind {
    READING_ADDED,
    STROKE_ADDED,
    PASS_ADDED,
    CONDITIONS_CHANGED,
    READING_SET_ASIDE,
    LEAKDOWN_ADDED,
    LEAKDOWN_CHANGED,
    LEAKDOWN_SET_ASIDE,
    EXAMINATION_CHANGED,
    PHOTO_ADDED,
    SERVICE_ADDED,
    JOB_CHANGED,
    ENGINE_CHANGED
}
