package silentotter.core.blowby;

import silentotter.core.wording.Labelled;

/** How the crankcase breathes while it is read: by its own ventilation, or shut but for the orifice. */
public enum CrankcaseVent implements Labelled {
    AS_FOUND,
    SHUT
}
