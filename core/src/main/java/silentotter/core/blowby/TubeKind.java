package silentotter.core.blowby;

import silentotter.core.wording.Labelled;

/** U: equal bores, both legs move. Well: one leg is a wide pot, the scale reads direct. Inclined: read along the slope. */
public enum TubeKind implements Labelled {
    U,
    WELL,
    INCLINED
}
