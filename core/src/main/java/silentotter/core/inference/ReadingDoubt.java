package silentotter.core.inference;

/**
 * That a reading did not come about as it should have.
 *
 * @param cylinder index
 * @param other the cylinder it was exchanged with; −1 otherwise
 * @param probability 0 to 1
 */
public record ReadingDoubt(Test test, int cylinder, int other, Kind kind, double probability) {

    /** Which reading. */
    public enum Test {
        COMPRESSION,
        LEAKDOWN
    }

    /** How it went wrong. */
    public enum Kind {
        WRONG_STROKE,
        ADAPTER,
        UNIT,
        MISTYPED,
        SWAPPED
    }
}
