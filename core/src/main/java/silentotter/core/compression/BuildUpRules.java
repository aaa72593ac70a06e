package silentotter.core.compression;

import static silentotter.core.fault.Fault.BROKEN;
import static silentotter.core.fault.Fault.EXHAUST_VALVE;
import static silentotter.core.fault.Fault.INTAKE_VALVE;
import static silentotter.core.fault.Fault.RING_SEAL;

import java.util.List;
import java.util.function.Predicate;
import silentotter.core.compression.BuildUp.Shape;
import silentotter.core.compression.CylinderResult.Standing;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Rule;

/**
 * What the shape of a build-up says of a low cylinder. Trade practice, and little: a hole of either kind flattens the curve,
 * and the gauge's own volume shapes it more than the leak does.
 */
public final class BuildUpRules {
    private static final List<Rule<BuildUp>> TABLE = List.of(
            shape(
                            "build-up-climbs",
                            Shape.CLIMBING,
                            "It climbs late: leans to rings.",
                            "Each stroke spreads oil over rings that do not seal yet; a valve leaks the same every time.")
                    .pointsTo(BuildUp.LIKELIHOOD_RATIO, RING_SEAL)
                    .rarer(1 / BuildUp.LIKELIHOOD_RATIO, INTAKE_VALVE, EXHAUST_VALVE),
            shape(
                            "build-up-flat",
                            Shape.FLATTER,
                            "It is nearly there at once and stays low: leans to a fixed hole.",
                            "A valve or a broken ring lets go what the next stroke would add.")
                    .pointsTo(BuildUp.LIKELIHOOD_RATIO, INTAKE_VALVE, EXHAUST_VALVE, BROKEN)
                    .rarer(1 / BuildUp.LIKELIHOOD_RATIO, RING_SEAL));

    private BuildUpRules() {}

    private static Rule<BuildUp> shape(String name, Shape shape, String says, String because) {
        Predicate<BuildUp> seen = b -> b.shape() == shape;
        return Rule.of(name, seen, says, because)
                .measured(BuildUp::reason)
                .toldApartBy("A wet test, or leak-down and an ear.");
    }

    /** Every line of the table, to be reviewed. */
    public static List<Finding> lines() {
        return TABLE.stream().map(Rule::line).toList();
    }

    /** What the shapes of the low cylinders say; in one that is level there is nothing to tell apart. */
    static List<Finding> read(CompressionAnalysis said) {
        return said.buildUps().stream()
                .filter(b -> said.cylinders().get(b.cylinder()).standing() == Standing.LOW)
                .flatMap(b -> TABLE.stream().flatMap(r -> r.about(b, "COMPRESSION", List.of(b.cylinder())).stream()))
                .toList();
    }
}
