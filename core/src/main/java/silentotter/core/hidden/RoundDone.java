package silentotter.core.hidden;

/** How much of the round was done. */
public enum RoundDone {
    /** Every test, none falsified. */
    FULL,
    /** Tests missing at random, every fifth job with a falsified reading. */
    MIXED,
    COMPRESSION_ONLY
}
