package silentotter.core.leakdown;

/** What was done since the attempt before. */
public enum DoneBefore {
    TURNED_OVER,
    TURNED_360,
    VALVE_TAPPED,
    HOSE_SOAPED,
    OIL_ADDED
}
