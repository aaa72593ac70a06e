package silentotter.core.leakdown;

import java.util.List;

/** What can hurt somebody during a leak-down test. Trade practice; local codes come first. */
public final class Cautions {
    private static final List<String> TABLE = List.of(
            "Take the bar off the crank before air goes in: full supply on an 86 mm bore pushes with 4 kN.",
            "Hands clear of belts, fans and crank. Hold the crank only with a tool made to lock it.",
            "Isolate and lock the driven machine: propeller, pump, blade. Auto-start off, site told.",
            "Raise the air from zero; vent before touching crank or adapter. Eye and hearing protection.",
            "Dry air or nitrogen with ventilation. Never oxygen.");

    private Cautions() {}

    /** Most urgent first. */
    public static List<String> all() {
        return TABLE;
    }
}
