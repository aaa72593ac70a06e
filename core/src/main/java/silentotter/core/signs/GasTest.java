package silentotter.core.signs;

/** Chemical test of the coolant for combustion gas. */
public enum GasTest {
    POSITIVE,
    NEGATIVE
}
