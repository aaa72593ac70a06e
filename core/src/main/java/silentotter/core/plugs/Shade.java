package silentotter.core.plugs;

/** Shade of the insulator nose, a new plug beside it. */
public enum Shade {
    WHITE,
    GREY,
    LIGHT_TAN,
    TAN,
    BROWN,
    BLACK
}
