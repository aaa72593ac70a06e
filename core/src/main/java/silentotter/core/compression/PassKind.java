package silentotter.core.compression;

import silentotter.core.wording.Labelled;

/** Dry, or after oil was put on the crown. */
public enum PassKind implements Labelled {
    DRY,
    WET;
}
