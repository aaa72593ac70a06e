package silentotter.core.intake;

/** What was done. */
public enum ServiceKind {
    OIL_CHANGE("oil change"),
    TOP_UP("top-up"),
    PLUGS("plugs"),
    REPAIR("repair"),
    OTHER("other work");

    private final String words;

    ServiceKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
