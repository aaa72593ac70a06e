package silentotter.core.valves;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeMap;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.engine.SourcedLimit;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Rule;
import silentotter.core.finding.Statement;
import silentotter.core.quantity.Length;

/** What each clearance says against its specification, and what it means for the leak. Trade practice. */
public final class ClearanceRules {
    /** Beyond this much of the specification, either way, a clearance is off; at least what a feeler gauge tells. */
    private static final double TOLERANCE = 0.2;

    private static final double LEAST_TOLERANCE_MM = 0.03;
    /** A clearance this small holds the valve open as soon as it warms. */
    private static final double NONE_LEFT_MM = 0.03;

    private ClearanceRules() {}

    /** One statement for each valve that is off; nothing without a specification, but for a valve without any clearance. */
    public static List<Statement> read(Engine engine, ValveClearances clearances) {
        List<Statement> result = new ArrayList<>();
        new TreeMap<>(clearances.cylinders()).forEach((number, c) -> {
            CylinderNumber cylinder = CylinderNumber.of(number);
            c.intakeMm()
                    .forEach(mm -> judge("intake", mm, engine.limits().intakeClearance(), clearances, cylinder)
                            .ifPresent(result::add));
            c.exhaustMm()
                    .forEach(mm -> judge("exhaust", mm, engine.limits().exhaustClearance(), clearances, cylinder)
                            .ifPresent(result::add));
        });
        return result;
    }

    private static Optional<Statement> judge(
            String valve,
            double mm,
            Optional<SourcedLimit<Length>> specification,
            ValveClearances all,
            CylinderNumber cylinder) {
        Fault leaks = valve.equals("intake") ? Fault.INTAKE_VALVE : Fault.EXHAUST_VALVE;
        boolean hydraulic = specification.filter(s -> s.value().mm() == 0).isPresent();
        if (mm <= NONE_LEFT_MM && !hydraulic) {
            return said(
                    "clearance-none-" + valve,
                    "The " + valve + " valve has no clearance left: it hangs open as it warms, leaks, and burns.",
                    String.format(Locale.ROOT, "Measured %.2f mm.", mm),
                    10,
                    "Set it, turn over, read leak-down again before anything is taken off.",
                    cylinder,
                    leaks);
        }
        if (specification.isEmpty() || hydraulic) {
            return Optional.empty();
        }
        double nominal = specification.get().value().mm();
        double tolerance = Math.max(LEAST_TOLERANCE_MM, nominal * TOLERANCE);
        String measured = String.format(
                        Locale.ROOT,
                        "Measured %.2f mm, specified %.2f mm (%s)",
                        mm,
                        nominal,
                        specification.get().provenance())
                + (all.atOtherTemperature()
                        ? "; measured and specified at different temperatures, so weigh it less."
                        : ".");
        double weight = all.atOtherTemperature() ? 0.5 : 1;
        if (mm < nominal - tolerance) {
            return said(
                    "clearance-tight-" + valve,
                    "The " + valve + " valve is tight: hot, it may not close, and leak-down hot says more than cold.",
                    measured,
                    Math.pow(5, weight),
                    "Set it, then read leak-down again: what stays is the valve itself.",
                    cylinder,
                    leaks);
        }
        return mm > nominal + tolerance
                ? said(
                        "clearance-wide-" + valve,
                        "The " + valve + " valve is wide: it opens late and little. It does not leak for that.",
                        measured,
                        Math.pow(3, weight),
                        "Low compression with a tight cylinder: measure the lift; lobe, lifter or rocker.",
                        cylinder,
                        Fault.VALVE_NOT_OPENING)
                : Optional.empty();
    }

    private static Optional<Statement> said(
            String rule,
            String says,
            String because,
            double likelihoodRatio,
            String apart,
            CylinderNumber cylinder,
            Fault suspect) {
        return Rule.<Boolean>of(rule, b -> b, says, because)
                .pointsTo(likelihoodRatio, suspect)
                .toldApartBy(apart)
                .about(true, "VALVES", List.of(cylinder));
    }
}
