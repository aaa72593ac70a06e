package silentotter.core.valves;

/** At which temperature clearances were measured, or are specified. */
public enum ClearanceState {
    COLD,
    HOT
}
