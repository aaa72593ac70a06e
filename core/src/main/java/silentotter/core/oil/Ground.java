package silentotter.core.oil;

import silentotter.core.wording.Labelled;

/** How the engine stood while the stick was read; a slope, a trim or a degree of list moves it by millimetres. */
public enum Ground implements Labelled {
    LEVEL,
    SLOPING,
    UNKNOWN
}
