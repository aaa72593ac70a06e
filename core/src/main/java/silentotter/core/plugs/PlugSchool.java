package silentotter.core.plugs;

/** How much is read from plugs; practitioners disagree. */
public enum PlugSchool {
    EVENNESS_ONLY("Evenness and oil only: shades depend on fuel, light and the last minute of running"),
    FULL_READING("Full reading: shade, deposits and wear of each plug");

    private final String words;

    PlugSchool(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
