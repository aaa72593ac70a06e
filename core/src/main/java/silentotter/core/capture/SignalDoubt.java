package silentotter.core.capture;

/** What makes a value that is sent not to be believed. */
public enum SignalDoubt {
    FROZEN("It sends the very same number again and again. Let it off: if the number stays, the instrument is stuck."),
    JUMPED("It jumped further than any pressure moves: a loose plug, or another unit. Let it off and begin again."),
    SPIKES("Single samples jump and come back: a bad contact, or the ignition. They are left out."),
    UNIT("So little cannot be. Does it read in bar, and say kPa? Look at the unit it is set to."),
    BEYOND_BELIEF("No crankcase bears so much. Look at the unit it is set to, and at what it is connected with."),
    GAPS(
            "Samples are missing on the way here. Nothing that was taken is lost; crank once more if strokes are missing.");

    private final String says;

    SignalDoubt(String says) {
        this.says = says;
    }

    /** What to do about it, in a sentence. */
    public String says() {
        return says;
    }
}
