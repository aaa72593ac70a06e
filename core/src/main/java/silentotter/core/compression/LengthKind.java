package silentotter.core.compression;

/** The ways in which technicians say how long they cranked. */
public enum LengthKind {
    STROKES("compression strokes"),
    TURNS("engine turns"),
    SECONDS("seconds"),
    PULLS("cord pulls"),
    UNTIL_STOPPED("until the needle stopped");

    private final String words;

    LengthKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
