package silentotter.core.diagnosis;

/** How sure a statement is, in words that mean the same everywhere. */
public enum Sureness {
    NEAR_CERTAIN("near certain"),
    LIKELY("likely"),
    POSSIBLE("possible"),
    OPEN("not known yet");

    private final String words;

    Sureness(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
