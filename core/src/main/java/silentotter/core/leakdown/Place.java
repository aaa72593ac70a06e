package silentotter.core.leakdown;

import silentotter.core.fault.Fault;
import silentotter.core.finding.PathKind;
import silentotter.core.wording.Labelled;

/** Where escaping air is listened for, and which seal it names there. */
public enum Place implements Labelled {
    INTAKE("at the air filter", PathKind.INTAKE_VALVE, Fault.INTAKE_VALVE),
    EXHAUST("at the exhaust", PathKind.EXHAUST_VALVE, Fault.EXHAUST_VALVE),
    CRANKCASE("at filler or dipstick tube", PathKind.RINGS, Fault.RING_SEAL),
    COOLANT("in the coolant", PathKind.GASKET_COOLANT, Fault.COOLANT_ENTRY),
    NEIGHBOUR("at the neighbouring plug hole", PathKind.GASKET_NEIGHBOUR, Fault.GASKET_BETWEEN),
    OUTSIDE("outside, along the joint", PathKind.OUTSIDE, Fault.OUTSIDE_LEAK);

    private final String where;
    private final PathKind path;
    private final Fault suspect;

    Place(String where, PathKind path, Fault suspect) {
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

    public Fault suspect() {
        return suspect;
    }
}
