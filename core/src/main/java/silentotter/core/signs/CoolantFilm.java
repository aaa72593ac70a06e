package silentotter.core.signs;

/** What floats in the coolant. */
public enum CoolantFilm {
    CLEAN,
    OIL_FILM,
    FROTH
}
