package silentotter.core.intake;

/** Why the engine is here; it decides what is worth doing. */
public enum Purpose {
    COMPLAINT("a complaint"),
    BEFORE_SPENDING("a check before money is spent on it"),
    PREVENTIVE("a preventive look"),
    BASELINE("a baseline at hand-over");

    private final String words;

    Purpose(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
