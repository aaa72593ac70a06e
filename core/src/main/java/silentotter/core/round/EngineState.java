package silentotter.core.round;

/** What state of the engine a station needs or leaves behind. */
public enum EngineState {
    /** Not started since it last stood. */
    STOOD("as it stood"),
    RUNNING("it must be able to run"),
    WARM("warm"),
    PLUGS_OUT("all plugs or injectors out");

    private final String words;

    EngineState(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
