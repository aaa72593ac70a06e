package silentotter.core.leakdown;

/** How a leak is judged against the size of its cylinder. */
public enum Grade {
    GOOD,
    ACCEPTABLE,
    WORN,
    FAULT
}
