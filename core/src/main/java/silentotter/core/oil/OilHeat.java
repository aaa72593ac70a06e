package silentotter.core.oil;

import silentotter.core.wording.Labelled;

/** Whether the oil was hot or cold as the stick was read: hot oil stands higher. */
public enum OilHeat implements Labelled {
    HOT,
    COLD
}
