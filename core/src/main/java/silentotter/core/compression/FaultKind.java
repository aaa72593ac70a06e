package silentotter.core.compression;

/** What can be wrong with the measuring, and whether it makes the affected readings unusable for a verdict. */
public enum FaultKind {
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
    DIFFERENT_FROM_DRY(true);

    private final boolean undermines;

    FaultKind(boolean undermines) {
        this.undermines = undermines;
    }

    /** Whether a verdict on the affected cylinders has to wait for a repeat. */
    public boolean undermines() {
        return undermines;
    }
}
