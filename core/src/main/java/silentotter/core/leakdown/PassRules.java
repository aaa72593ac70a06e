package silentotter.core.leakdown;

import static silentotter.core.fault.Fault.BROKEN;
import static silentotter.core.fault.Fault.COOLANT_ENTRY;
import static silentotter.core.fault.Fault.EXHAUST_VALVE;
import static silentotter.core.fault.Fault.GASKET_BETWEEN;
import static silentotter.core.fault.Fault.INTAKE_VALVE;
import static silentotter.core.fault.Fault.RING_SEAL;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Rule;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;
import silentotter.core.wording.Say;

/** What a wet leak-down and one at a second pressure say beside the standard one. Trade practice, each with its reason. */
public final class PassRules {
    /** A change of area beyond this factor, either way, is more than two readings differ by. */
    private static final double CLEAR_CHANGE = 1.5;
    /** Below this a leak is too small for oil to make a clear difference, %. */
    private static final double WORTH_SEALING = 15;

    private PassRules() {}

    /** A cylinder with and without oil. */
    private record Wet(LeakdownReading dry, LeakdownReading oiled) {
        boolean fell() {
            return oiled.percent() < dry.percent() && oiled.differsFrom(dry);
        }

        String measured() {
            return "Cylinder " + Say.cylinder(dry.cylinder()) + ": with oil on the crown " + Say.number(oiled.percent())
                    + " % instead of " + Say.number(dry.percent()) + " %.";
        }
    }

    /** The area of one leak at two pressures. */
    private record TwoPressures(CylinderNumber cylinder, LeakArea high, LeakArea low) {
        double change() {
            return low.squareMm() / high.squareMm();
        }

        String measured() {
            return "Cylinder " + Say.cylinder(cylinder) + ": " + Say.area(low) + " at the low pressure, "
                    + Say.area(high) + " at the high one.";
        }
    }

    private static final List<Rule<Wet>> WET = List.of(
            Rule.<Wet>of(
                            "leakdown-wet-falls",
                            Wet::fell,
                            "A clear fall: the oil sealed the rings.",
                            "Oil runs to the rings and not to valves or gasket. At rest its volume changes nothing, so"
                                    + " nothing is taken off.")
                    .measured(Wet::measured)
                    .pointsTo(4, RING_SEAL)
                    .rarer(0.5, INTAKE_VALVE, EXHAUST_VALVE, COOLANT_ENTRY, GASKET_BETWEEN),
            Rule.<Wet>of(
                            "leakdown-wet-stays",
                            w -> !w.fell() && w.dry().percent() >= WORTH_SEALING,
                            "No clear change: not the rings, unless one is broken.",
                            "A worn ring is sealed by oil for a minute; a valve, a gasket or a broken ring is not.")
                    .measured(Wet::measured)
                    .pointsTo(1.5, BROKEN, INTAKE_VALVE, EXHAUST_VALVE, COOLANT_ENTRY)
                    .rarer(0.4, RING_SEAL));

    private static final List<Rule<TwoPressures>> PRESSURES = List.of(
            Rule.<TwoPressures>of(
                            "leakdown-closes-with-pressure",
                            p -> p.change() > CLEAR_CHANGE,
                            "It closes with pressure: a ring or valve that seats late, not a hole.",
                            "A hole has one area; what pressure pushes home has less of it at the higher one.")
                    .measured(TwoPressures::measured)
                    .pointsTo(1.5, RING_SEAL, INTAKE_VALVE, EXHAUST_VALVE)
                    .rarer(0.7, BROKEN, COOLANT_ENTRY),
            Rule.<TwoPressures>of(
                            "leakdown-opens-with-pressure",
                            p -> p.change() < 1 / CLEAR_CHANGE,
                            "It opens with pressure: an oil film that blows through, or a crack.",
                            "Pressure spreads a crack and blows an oil film away; a burnt seat stays as it is.")
                    .measured(TwoPressures::measured)
                    .pointsTo(1.6, COOLANT_ENTRY, GASKET_BETWEEN, RING_SEAL)
                    .rarer(0.7, INTAKE_VALVE, EXHAUST_VALVE),
            Rule.<TwoPressures>of(
                            "leakdown-same-area",
                            p -> p.change() <= CLEAR_CHANGE && p.change() >= 1 / CLEAR_CHANGE,
                            "The same area: a hole.",
                            "Most leaks are. It clears nothing.")
                    .measured(TwoPressures::measured));

    /** Every line of the tables, to be reviewed. */
    public static List<Finding> lines() {
        return Stream.<List<? extends Rule<?>>>of(WET, PRESSURES)
                .flatMap(List::stream)
                .map(Rule::line)
                .toList();
    }

    /** What the further readings of each cylinder say. @param counting those that count, in the order they were taken */
    static List<Finding> read(List<LeakdownReading> counting, Pressure ambient) {
        return counting.stream()
                .map(LeakdownReading::cylinder)
                .distinct()
                .sorted()
                .flatMap(c -> last(counting, c, LeakdownKind.STANDARD).stream())
                .flatMap(standard -> Stream.concat(
                        last(counting, standard.cylinder(), LeakdownKind.WET).map(w -> new Wet(standard, w)).stream()
                                .flatMap(w -> said(WET, w, standard)),
                        last(counting, standard.cylinder(), LeakdownKind.LOW_PRESSURE)
                                .flatMap(l -> twoPressures(standard, l, ambient))
                                .stream()
                                .flatMap(p -> said(PRESSURES, p, standard))))
                .toList();
    }

    private static <T> Stream<Finding> said(List<Rule<T>> table, T seen, LeakdownReading on) {
        return table.stream().flatMap(r -> r.about(seen, "LEAKDOWN", List.of(on.cylinder())).stream());
    }

    private static Optional<LeakdownReading> last(
            List<LeakdownReading> counting, CylinderNumber cylinder, LeakdownKind kind) {
        return counting.stream()
                .filter(r -> r.cylinder().equals(cylinder) && r.kind() == kind)
                .reduce((a, b) -> b);
    }

    private static Optional<TwoPressures> twoPressures(LeakdownReading high, LeakdownReading low, Pressure ambient) {
        return LeakdownAnalyst.area(high, ambient)
                .filter(a -> a.best().squareMm() > 0)
                .flatMap(a -> LeakdownAnalyst.area(low, ambient)
                        .map(b -> new TwoPressures(high.cylinder(), a.best(), b.best())));
    }
}
