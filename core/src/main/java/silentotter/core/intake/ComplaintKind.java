package silentotter.core.intake;

/** What is complained about. */
public enum ComplaintKind {
    OIL_USE("uses oil"),
    SMOKE("smokes"),
    MISFIRE("misses"),
    HARD_START("starts hard"),
    LOW_POWER("is low on power"),
    COOLANT_LOSS("loses coolant"),
    OIL_FROM_BREATHER("throws oil from the breather"),
    NOISE("is noisy"),
    LOW_OIL_PRESSURE("is low on oil pressure"),
    LOW_SPEED("does not reach its speed");

    private final String words;

    ComplaintKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
