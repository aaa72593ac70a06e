package silentotter.core.fault;

import java.util.Optional;

/**
 * A fault where it can sit, with how often it comes: what the diagnosis computes with. The same fault on one cylinder and
 * in the whole engine are two causes.
 *
 * <p>Priors are judgement values from trade practice, each uncertain by a factor of 2.5 either way; the shop's outcomes
 * move them later. Those of one cylinder are per cylinder, those marked shared are for all cylinders together.
 */
public enum Cause {
    RING(
            Fault.RING_SEAL,
            Scope.CYLINDER,
            .02,
            .02,
            .05,
            "worn, stuck or scored; two-strokes wear theirs over the ports"),
    BROKEN(Fault.BROKEN, Scope.CYLINDER, .006, .008, .015, "rare, and the costliest to miss"),
    EXHAUST_VALVE(Fault.EXHAUST_VALVE, Scope.CYLINDER, .02, .008, 0, "the hottest seat; a diesel's runs cooler"),
    INTAKE_VALVE(Fault.INTAKE_VALVE, Scope.CYLINDER, .008, .006, 0, "cooled by what it lets in"),
    VALVE_HELD(
            Fault.VALVE_HELD,
            Scope.CYLINDER,
            .015,
            .006,
            0,
            "carbon, rust or a sticking stem, after standing above all"),
    VALVE_NOT_OPENING(Fault.VALVE_NOT_OPENING, Scope.CYLINDER, .006, .006, 0, "lobe, lifter or a clearance gone wide"),
    WATER(
            Fault.COOLANT_ENTRY,
            Scope.CYLINDER_SHARED,
            .05,
            .05,
            .03,
            "gasket or crack; nothing to let in where air cools"),
    GASKET(Fault.GASKET_BETWEEN, Scope.PAIR, .006, .006, .005, "for each two neighbours under one head"),
    OIL_RING_HERE(Fault.OIL_CONTROL, Scope.CYLINDER_SHARED, .075, .04, 0, "one cylinder's oil ring stuck or coked"),
    STEM_SEAL_HERE(Fault.STEM_SEAL, Scope.CYLINDER_SHARED, .03, .01, 0, "one seal torn or off its guide"),
    OIL_RINGS(Fault.OIL_CONTROL, Scope.ENGINE, .075, .04, 0, "all of them, by age, idling or old oil"),
    STEM_SEALS(Fault.STEM_SEAL, Scope.ENGINE, .09, .03, 0, "rubber hardens on all of them together"),
    VENTILATION(Fault.VENTILATION, Scope.ENGINE, .08, .08, 0, "valve or hose blocked, or a separator full"),
    OUTSIDE(Fault.OUTSIDE_LEAK, Scope.ENGINE, .12, .12, .05, "the commonest way for oil to go"),
    EXHAUST_WATER(Fault.EXHAUST_WATER, Scope.ENGINE, .08, .08, .08, "riser or elbow; wet exhausts only"),
    CRANKCASE_AIR(Fault.CRANKCASE_AIR, Scope.ENGINE, 0, 0, .20, "crank seal, base, reed or intake of a two-stroke"),
    EVEN_WEAR(Fault.EVEN_WEAR, Scope.ENGINE, .12, .10, .12, "all rings and bores together, by age or dust"),
    CAM_TIMING(Fault.CAM_TIMING, Scope.ENGINE, .02, .01, 0, "a tooth off, a stretched chain"),
    ALL_ALIKE(Fault.ALL_ALIKE, Scope.ENGINE, .012, .012, .012, "throttle, cranking or gauge: low by measuring");

    /** Where a cause can sit. */
    public enum Scope {
        CYLINDER,
        /** On one cylinder; the prior is for all cylinders together. */
        CYLINDER_SHARED,
        PAIR,
        ENGINE
    }

    /** How far a prior may be off, either way, as a factor. */
    public static final double PRIOR_UNCERTAINTY = 2.5;
    /** No prior goes above this, whatever makes it likelier. */
    public static final double LARGEST_PRIOR = .5;

    private final Fault fault;
    private final Scope scope;
    private final double petrol;
    private final double diesel;
    private final double twoStroke;
    private final String reason;

    Cause(Fault fault, Scope scope, double petrol, double diesel, double twoStroke, String reason) {
        this.fault = fault;
        this.scope = scope;
        this.petrol = petrol;
        this.diesel = diesel;
        this.twoStroke = twoStroke;
        this.reason = reason;
    }

    public Fault fault() {
        return fault;
    }

    public Scope scope() {
        return scope;
    }

    /** Why the prior is what it is. */
    public String reason() {
        return reason;
    }

    /** Probability before anything is known, 0 to 1; 0 where this kind of engine cannot have it. */
    public double prior(EngineKind kind) {
        return switch (kind) {
            case PETROL -> petrol;
            case DIESEL -> diesel;
            case TWO_STROKE -> twoStroke;
        };
    }

    public boolean isOfOneCylinder() {
        return scope == Scope.CYLINDER || scope == Scope.CYLINDER_SHARED;
    }

    /** The cause of a fault on one cylinder. */
    public static Optional<Cause> onCylinder(Fault fault) {
        return of(fault, true);
    }

    /** The cause of a fault of the whole engine. */
    public static Optional<Cause> ofEngine(Fault fault) {
        return of(fault, false);
    }

    /** The cause of a fault where it sits; empty for what the model does not hold. */
    public static Optional<Cause> at(FaultAt place) {
        return of(place.fault(), place.cylinders().size() == 1);
    }

    private static Optional<Cause> of(Fault fault, boolean oneCylinder) {
        for (Cause c : values()) {
            if (c.fault == fault && c.isOfOneCylinder() == oneCylinder) {
                return Optional.of(c);
            }
        }
        return Optional.empty();
    }
}
