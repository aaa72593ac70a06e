package silentotter.core.leakdown;

import java.util.List;
import java.util.stream.Stream;
import silentotter.core.engine.Engine;
import silentotter.core.quantity.Length;
import silentotter.core.wording.Say;

/** What can hurt somebody during a leak-down test on this engine. Trade practice; local codes come first. */
public final class Cautions {
    /** Full shop supply on an adapter, and the bore it is told for where this one is not known. */
    private static final double SUPPLY_KPA = 690;

    private static final Length USUAL_BORE = Length.ofMm(86);

    private static final List<String> ALWAYS = List.of(
            "Hands clear of belts, fans and crank. Hold the crank only with a tool made to lock it.",
            "Isolate and lock the driven machine: propeller, pump, blade. Auto-start off, site told.",
            "Raise the air from zero; vent before touching crank or adapter. Eye and hearing protection.",
            "Dry air or nitrogen with ventilation. Never oxygen.");

    private Cautions() {}

    /** Most urgent first. */
    public static List<String> of(Engine engine) {
        return Stream.concat(Stream.of(airTurnsCranks(engine)), ALWAYS.stream()).toList();
    }

    private static String airTurnsCranks(Engine engine) {
        Length bore = engine.size().bore().orElse(USUAL_BORE);
        double newtons = SUPPLY_KPA * 1000 * Math.PI / 4 * Math.pow(bore.mm() / 1000, 2);
        return "Take the bar off the crank before air goes in: full supply on a bore of " + Say.length(bore)
                + " pushes with " + Say.number(Math.round(newtons / 100) / 10.0) + " kN.";
    }
}
