package silentotter.core.compression;

/** Dry, or after oil was put on the crown. */
public enum PassKind {
    DRY("dry"),
    WET("wet");

    private final String words;

    PassKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
