package silentotter.core.leakdown;

import silentotter.core.finding.PathKind;
import silentotter.core.finding.Suspect;
import silentotter.core.wording.Labelled;

/** Where escaping air is listened for, and which seal it names there. */
public enum Place implements Labelled {
    INTAKE("at the air filter", PathKind.INTAKE_VALVE, Suspect.INTAKE_VALVE),
    EXHAUST("at the exhaust", PathKind.EXHAUST_VALVE, Suspect.EXHAUST_VALVE),
    CRANKCASE("at filler or dipstick tube", PathKind.RINGS, Suspect.RING_SEAL),
    COOLANT("in the coolant", PathKind.GASKET_COOLANT, Suspect.COOLANT_ENTRY),
    NEIGHBOUR("at the neighbouring plug hole", PathKind.GASKET_NEIGHBOUR, Suspect.GASKET_BETWEEN),
    OUTSIDE("outside, along the joint", PathKind.OUTSIDE, Suspect.OUTSIDE_LEAK);

    private final String where;
    private final PathKind path;
    private final Suspect suspect;

    Place(String where, PathKind path, Suspect suspect) {
        this.where = where;
        this.path = path;
        this.suspect = suspect;
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
