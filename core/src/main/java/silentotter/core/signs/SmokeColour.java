package silentotter.core.signs;

/** Colour of the smoke. */
public enum SmokeColour {
    NONE,
    BLUE,
    WHITE,
    BLACK
}
