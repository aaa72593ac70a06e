package silentotter.app.leakdown;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import silentotter.core.compression.CompressionAnalyst;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownKind;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.leakdown.Place;
import silentotter.core.quantity.Pressure;

/** Turns a document into a leak-down reading and says everything that is wrong with it at its field. */
public final class LeakdownReader {
    private LeakdownReader() {}

    /** Empty when problems were added. */
    public static Optional<LeakdownReading> read(
            Engine engine,
            LeakdownTester tester,
            int cylinder,
            int order,
            LeakdownDocument d,
            String setAside,
            Problems problems,
            String path) {
        int before = problems.all().size();
        int count = engine.arrangement().count();
        if (cylinder < 1 || cylinder > count) {
            problems.add(
                    FieldProblem.of(path + "cylinder", cylinder + " does not exist on this engine", "1 to " + count));
        }
        if (d.kind() == null) {
            problems.add(path + "kind", "is missing");
        }
        double percent = percent(d, tester, problems, path);
        Map<Integer, Heard> neighbours = Objects.requireNonNullElse(d.neighbours(), Map.of());
        List<Integer> excluded = Objects.requireNonNullElse(d.excluded(), List.of());
        Map<Place, Heard> heard = Objects.requireNonNullElse(d.heard(), Map.of());
        List<Double> settling = Objects.requireNonNullElse(d.settling(), List.of());
        if (heard.keySet().stream().anyMatch(p -> p == Place.NEIGHBOUR)) {
            problems.add(path + "heard", "does not say at which neighbour; use neighbours");
        }
        boolean gaps = Stream.of(heard.values(), neighbours.values(), excluded, settling)
                .anyMatch(c -> c.stream().anyMatch(Objects::isNull));
        if (gaps) {
            problems.add(path + "heard", "has a place without what was heard there, or a reading without a value");
            return Optional.empty();
        }
        Stream.concat(neighbours.keySet().stream(), excluded.stream())
                .filter(n -> n < 1 || n > count || n == cylinder)
                .distinct()
                .forEach(n -> problems.add(
                        FieldProblem.of(path + "neighbours." + n, n + " is no neighbour here", "1 to " + count)));
        for (int i = 0; i < settling.size(); i++) {
            problems.required(path + "settling[" + i + "]", settling.get(i), AllowedRange.LEAK_PERCENT, v -> v);
        }
        if (problems.all().size() > before) {
            return Optional.empty();
        }
        LeakdownTester used = d.supplyKPa() == null
                ? tester
                : new LeakdownTester(
                        tester.name(),
                        tester.kind(),
                        Optional.of(Pressure.ofKPa(d.supplyKPa())),
                        tester.orifice(),
                        tester.dischargeCoefficient(),
                        tester.resolutionPoints(),
                        tester.calibrated());
        return Optional.of(new LeakdownReading(
                CylinderNumber.of(cylinder),
                order,
                d.kind(),
                used,
                percent,
                Optional.ofNullable(d.state()),
                Optional.ofNullable(d.doneBefore()),
                heard,
                neighbours.entrySet().stream()
                        .collect(Collectors.toMap(e -> CylinderNumber.of(e.getKey()), Map.Entry::getValue)),
                excluded.stream().map(CylinderNumber::of).collect(Collectors.toSet()),
                settling,
                Optional.ofNullable(setAside)));
    }

    /**
     * Why a reading that was taken does not count on this engine as it is now known; empty when it does. Asked before oil is
     * poured; of what was poured it is only said.
     */
    public static Optional<String> doesNotFit(Engine engine, int cylinder, LeakdownDocument d) {
        int count = engine.arrangement().count();
        if (cylinder > count) {
            return Optional.of("This engine has " + count + " cylinders.");
        }
        return d.kind() == LeakdownKind.WET
                ? CompressionAnalyst.wetRefusal(engine, CylinderNumber.of(cylinder))
                : Optional.empty();
    }

    /** The reading in per cent, from the dial or from two gauges. */
    private static double percent(LeakdownDocument d, LeakdownTester tester, Problems problems, String path) {
        if ((d.leakPercent() == null) == (d.cylinderKPa() == null)) {
            problems.add(FieldProblem.of(
                    path + "leakPercent",
                    "give either the per cent or the second gauge",
                    AllowedRange.LEAK_PERCENT.inWords()));
            return 0;
        }
        Optional<Pressure> supply = problems.optional(
                        path + "supplyKPa", d.supplyKPa(), AllowedRange.SUPPLY, Pressure::ofKPa)
                .or(tester::supply);
        if (d.leakPercent() != null) {
            return problems.optional(path + "leakPercent", d.leakPercent(), AllowedRange.LEAK_PERCENT, v -> v)
                    .orElse(0.0);
        }
        Optional<Pressure> cylinder = problems.optional(
                path + "cylinderKPa", d.cylinderKPa(), AllowedRange.CYLINDER_PRESSURE, Pressure::ofKPa);
        if (supply.isEmpty()) {
            problems.add(path + "supplyKPa", "is needed with the second gauge");
            return 0;
        }
        if (cylinder.filter(c -> c.compareTo(supply.get()) > 0).isPresent()) {
            problems.add(FieldProblem.of(
                    path + "cylinderKPa",
                    "the cylinder cannot stand above the supply: gauges swapped or one not zeroed",
                    "0 to " + Math.round(supply.get().kPa()) + " kPa"));
            return 0;
        }
        return cylinder.map(c -> 100 * (1 - c.ratioTo(supply.get()))).orElse(0.0);
    }
}
