package silentotter.core.plugs;

import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Rule;
import silentotter.core.intake.Intake;
import silentotter.core.intake.Intake.History;

/** What a whole set of plugs says that no single one does. Judgement values from trade practice, each with its reason. */
public final class PlugSetRules {
    static final List<Rule<SetSeen>> ALIKE = List.of(
            alike(
                            "plugs-all-oily",
                            s -> s.look() == PlugLook.OIL_WET && s.engine().cycle() != Cycle.TWO_STROKE,
                            "Oil on all alike: something they share.",
                            "Ventilation, turbocharger seal or even wear reaches all cylinders; one ring does not.")
                    .pointsTo(3, Fault.VENTILATION, Fault.TURBO_SEAL, Fault.EVEN_WEAR)
                    .toldApartBy("Lead the ventilation away, clean plugs in, run, look again."),
            ash("plugs-all-ash", s -> !s.had(History.FUEL_ADDITIVE), 2),
            ash("plugs-all-ash-additive", s -> s.had(History.FUEL_ADDITIVE), 1.2),
            soot("plugs-all-soot", s -> !s.had(History.LONG_IDLING), Fault.RICH),
            soot("plugs-all-soot-idling", s -> s.had(History.LONG_IDLING), Fault.DUTY),
            alike(
                            "plugs-all-fuel",
                            s -> s.look() == PlugLook.FUEL_WET,
                            "All wet with fuel: flooded, or no spark at all.",
                            "Every plug alike.")
                    .pointsTo(3, Fault.RICH, Fault.IGNITION)
                    .toldApartBy("Dry them, check for spark, crank with the throttle open."));

    static final Rule<List<CylinderNumber>> WASHED_PAIR = Rule.<List<CylinderNumber>>of(
                    "plugs-washed-neighbours",
                    pair -> true,
                    "Two neighbours washed clean: the gasket or the head between them.",
                    "Water reaches both and they share the joint.")
            .pointsTo(4, Fault.COOLANT_ENTRY, Fault.GASKET_BETWEEN)
            .toldApartBy("Pressure test with a camera; leak-down on one, listening at the other.");

    private PlugSetRules() {}

    /** A whole set that looks alike. */
    record SetSeen(PlugLook look, Engine engine, Intake intake) {
        boolean had(History history) {
            return intake.had(history);
        }
    }

    private static Rule<SetSeen> alike(String name, Predicate<SetSeen> seen, String says, String because) {
        return Rule.of(name, seen, says, because);
    }

    private static Rule<SetSeen> ash(String name, Predicate<SetSeen> when, double likelihoodRatio) {
        return alike(
                        name,
                        when.and(s -> s.look() == PlugLook.ASH),
                        "Long oil use on all alike, or an additive.",
                        "Ash on every plug: even wear, stems or ventilation; an additive in the fuel leaves it too.")
                .pointsTo(likelihoodRatio, Fault.EVEN_WEAR, Fault.STEM_SEAL, Fault.VENTILATION)
                .toldApartBy("Measure the oil use; ask what was in the fuel.");
    }

    private static Rule<SetSeen> soot(String name, Predicate<SetSeen> when, Fault suspect) {
        return alike(
                        name,
                        when.and(s -> s.look() == PlugLook.SOOT),
                        "Soot on all alike: mixture, air filter, heat range or idling.",
                        "One cylinder's fault does not blacken all.")
                .pointsTo(2, suspect)
                .toldApartBy("Air filter first; then run it warm under load and look again.")
                .fullReadingOnly();
    }

    /** Every line of the table, to be reviewed. */
    public static List<Finding> lines() {
        return Stream.concat(ALIKE.stream(), Stream.of(WASHED_PAIR))
                .map(Rule::line)
                .toList();
    }
}
