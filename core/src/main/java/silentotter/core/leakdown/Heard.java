package silentotter.core.leakdown;

/** What was heard at a place where somebody listened, loudest last; not listened is no entry at all. */
public enum Heard {
    CANNOT_BE_REACHED("cannot be reached"),
    NOTHING("nothing"),
    FAINT("faint"),
    CLEAR("clear"),
    LOUD("loud");

    private final String words;

    Heard(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
