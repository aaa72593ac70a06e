package silentotter.core.finding;

/** What can be wrong with the measuring, and whether what was read can be used all the same. */
public enum ReadingFaultKind {
    UNIT_DOUBTED(true),
    DECIMAL_DOUBTED(true),
    STROKES_DOUBTED(true),
    DOSE_DOUBTED(false),
    NEAR_FULL_SCALE(false),
    FALLING_IN_ORDER(true),
    UNEQUAL_STROKES(true),
    FEW_STROKES(false),
    THROTTLE_SHUT(false),
    COLD(false),
    NEEDLE_DROPS(true),
    REPEATS_DIFFER(true),
    COMPRESSION_RELEASE(false),
    SPEED_UNKNOWN(false),
    PLUGS_IN(false),
    LARGE_DOSE(false),
    DIFFERENT_FROM_DRY(true),
    SILENT(true),
    WRONG_STROKE(true),
    NEIGHBOUR_OPEN(false),
    DRIFTING(false),
    WORSE_AFTER_TAP(true),
    ALL_HIGH(false);

    private final boolean undermines;

    ReadingFaultKind(boolean undermines) {
        this.undermines = undermines;
    }

    /** Whether what is said of the affected cylinders has to wait for a repeat. */
    public boolean undermines() {
        return undermines;
    }
}
