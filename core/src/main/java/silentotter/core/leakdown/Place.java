package silentotter.core.leakdown;

import silentotter.core.finding.PathKind;
import silentotter.core.finding.Suspect;

/** Where escaping air is listened for, and which seal it names there. */
public enum Place {
    INTAKE("intake", "at the air filter", PathKind.INTAKE_VALVE, Suspect.INTAKE_VALVE),
    EXHAUST("exhaust", "at the exhaust", PathKind.EXHAUST_VALVE, Suspect.EXHAUST_VALVE),
    CRANKCASE("crankcase", "at filler or dipstick tube", PathKind.RINGS, Suspect.RING_SEAL),
    COOLANT("coolant", "in the coolant", PathKind.GASKET_COOLANT, Suspect.COOLANT_ENTRY),
    NEIGHBOUR("neighbour", "at the neighbouring plug hole", PathKind.GASKET_NEIGHBOUR, Suspect.GASKET_BETWEEN),
    OUTSIDE("outside", "outside, along the joint", PathKind.OUTSIDE, Suspect.OUTSIDE_LEAK);

    private final String words;
    private final String where;
    private final PathKind path;
    private final Suspect suspect;

    Place(String words, String where, PathKind path, Suspect suspect) {
        this.words = words;
        this.where = where;
        this.path = path;
        this.suspect = suspect;
    }

    public String words() {
        return words;
    }

    public String where() {
        return where;
    }

    public PathKind path() {
        return path;
    }

    public Suspect suspect() {
        return suspect;
    }
}
