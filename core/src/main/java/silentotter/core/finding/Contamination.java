package silentotter.core.finding;

/** What spoiled a finding before it was taken. A spoiled finding is kept and weighs little. */
public enum Contamination {
    DIRTY_PAN("a dirty pan"),
    SPRAY("spray or cleaner"),
    DRIPS("drips from elsewhere"),
    POURED_OIL("oil poured in before"),
    HANDLED("handling, dropped or wiped");

    private final String words;

    Contamination(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
