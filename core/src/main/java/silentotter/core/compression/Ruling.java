package silentotter.core.compression;

/** What a school says of a set of readings. */
public enum Ruling {
    HOLDS,
    WATCH,
    FAILS,
    /** The limit lies within the repeatability of the gauge around the measured value. */
    TOO_CLOSE,
    /** The school cannot be asked: wrong kind of engine, or a figure is missing. */
    NOT_ASKED
}
