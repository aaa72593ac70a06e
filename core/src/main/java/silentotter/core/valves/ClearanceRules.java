package silentotter.core.valves;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.engine.SourcedLimit;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Rule;
import silentotter.core.quantity.Length;

/** What each clearance says against its specification, and what it means for the leak. Trade practice. */
public final class ClearanceRules {
    /** Beyond this much of the specification, either way, a clearance is off; at least what a feeler gauge tells. */
    private static final double TOLERANCE = 0.2;

    private static final double LEAST_TOLERANCE_MM = 0.03;
    /** A clearance this small holds the valve open as soon as it warms. */
    private static final double NONE_LEFT_MM = 0.03;

    private static final List<Rule<Clearance>> INTAKE = of("intake", Fault.INTAKE_VALVE);

    private static final List<Rule<Clearance>> EXHAUST = of("exhaust", Fault.EXHAUST_VALVE);

    private ClearanceRules() {}

    /** The clearance of one valve against what is specified for it. */
    private record Clearance(double mm, Optional<SourcedLimit<Length>> specification, boolean atOtherTemperature) {
        boolean none() {
            return mm <= NONE_LEFT_MM && !hydraulic();
        }

        boolean tight() {
            return !none() && specified() && mm < nominal() - tolerance();
        }

        boolean wide() {
            return specified() && mm > nominal() + tolerance();
        }

        private boolean hydraulic() {
            return specification.filter(s -> s.value().mm() == 0).isPresent();
        }

        private boolean specified() {
            return specification.isPresent() && !hydraulic();
        }

        private double nominal() {
            return specification.orElseThrow().value().mm();
        }

        private double tolerance() {
            return Math.max(LEAST_TOLERANCE_MM, nominal() * TOLERANCE);
        }

        String measured() {
            return String.format(Locale.ROOT, "Measured %.2f mm.", mm);
        }

        String compared() {
            return String.format(
                            Locale.ROOT,
                            "Measured %.2f mm, specified %.2f mm (%s)",
                            mm,
                            nominal(),
                            specification.orElseThrow().provenance())
                    + (atOtherTemperature
                            ? "; measured and specified at different temperatures, so weigh it less."
                            : ".");
        }
    }

    private static List<Rule<Clearance>> of(String valve, Fault leaks) {
        return List.of(
                Rule.<Clearance>of(
                                "clearance-none-" + valve,
                                Clearance::none,
                                "The " + valve
                                        + " valve has no clearance left: it hangs open as it warms, leaks, and burns.",
                                "Below 0.03 mm nothing is left for the stem to grow by when hot.")
                        .pointsTo(10, leaks)
                        .toldApartBy("Set it, turn over, read leak-down again before anything is taken off.")
                        .measured(Clearance::measured),
                Rule.<Clearance>of(
                                "clearance-tight-" + valve,
                                Clearance::tight,
                                "The " + valve
                                        + " valve is tight: hot, it may not close, and leak-down hot says more than cold.",
                                "A fifth, and more than a feeler gauge errs, below what is specified.")
                        .pointsTo(5, leaks)
                        .toldApartBy("Set it, then read leak-down again: what stays is the valve itself.")
                        .measured(Clearance::compared)
                        .unsureWhen(Clearance::atOtherTemperature),
                Rule.<Clearance>of(
                                "clearance-wide-" + valve,
                                Clearance::wide,
                                "The " + valve + " valve is wide: it opens late and little. It does not leak for that.",
                                "A fifth, and more than a feeler gauge errs, above what is specified.")
                        .pointsTo(3, Fault.VALVE_NOT_OPENING)
                        .toldApartBy("Low compression with a tight cylinder: measure the lift; lobe, lifter or rocker.")
                        .measured(Clearance::compared)
                        .unsureWhen(Clearance::atOtherTemperature));
    }

    /** Every line of the tables, to be reviewed. */
    public static List<Finding> lines() {
        return Stream.of(INTAKE, EXHAUST).flatMap(List::stream).map(Rule::line).toList();
    }

    /** One finding for each valve that is off; nothing without a specification, but for a valve without any clearance. */
    public static List<Finding> read(Engine engine, ValveClearances clearances) {
        List<Finding> result = new ArrayList<>();
        new TreeMap<>(clearances.cylinders()).forEach((number, c) -> {
            c.intakeMm()
                    .forEach(mm -> judge(INTAKE, mm, engine.limits().intakeClearance(), clearances, number, result));
            c.exhaustMm()
                    .forEach(mm -> judge(EXHAUST, mm, engine.limits().exhaustClearance(), clearances, number, result));
        });
        return result;
    }

    private static void judge(
            List<Rule<Clearance>> table,
            double mm,
            Optional<SourcedLimit<Length>> specification,
            ValveClearances all,
            int cylinder,
            List<Finding> into) {
        Clearance clearance = new Clearance(mm, specification, all.atOtherTemperature());
        table.forEach(r -> r.about(clearance, "VALVES", List.of(CylinderNumber.of(cylinder)))
                .ifPresent(into::add));
    }
}
