package silentotter.core.plugs;

/** The heat range fitted, against the one specified. */
public enum HeatRange {
    AS_SPECIFIED,
    HOTTER,
    COLDER
}
