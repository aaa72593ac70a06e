package silentotter.core.signs;

/** Colour of the oil on the stick. */
public enum OilColour {
    HONEY,
    BROWN,
    BLACK,
    GREY
}
