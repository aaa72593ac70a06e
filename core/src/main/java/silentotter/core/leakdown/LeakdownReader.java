package silentotter.core.leakdown;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import silentotter.core.compression.CompressionAnalyst;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.instruments.LeakdownTester.TesterKind;
import silentotter.core.instruments.TesterDocument;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;
import silentotter.core.quantity.Pressure;

/** The one place that says what is wrong with a leak-down reading, however it comes in, and makes one of it. */
public final class LeakdownReader {
    /** A number up to this on a second gauge is more often a per cent than a cylinder that holds next to nothing. */
    private static final double MOST_TAKEN_FOR_PERCENT = 60;

    private static final double LEAST_ASKED_PERCENT = 85;

    private final Engine engine;
    private final LeakdownTester tester;
    private final LeakdownDocument d;
    private final Problems problems;
    private final String path;

    private LeakdownReader(Engine engine, LeakdownTester tester, LeakdownDocument d, Problems problems, String path) {
        this.engine = engine;
        this.tester = tester;
        this.d = d;
        this.problems = problems;
        this.path = path;
    }

    /** Empty when problems were added. */
    public static Optional<LeakdownReading> read(
            Engine engine,
            LeakdownTester tester,
            int cylinder,
            int order,
            LeakdownDocument d,
            @Nullable String setAside,
            Problems problems,
            String path) {
        int before = problems.all().size();
        LeakdownReader reader = new LeakdownReader(engine, tester, d, problems, path);
        reader.checkPlaces(cylinder);
        double percent = reader.percent();
        List<Double> settling = problems.all().size() > before ? List.of() : reader.settling();
        return problems.all().size() > before
                ? Optional.empty()
                : Optional.of(new LeakdownReading(
                        CylinderNumber.of(cylinder),
                        order,
                        d.kind(),
                        d.supplyKPa() == null ? tester : tester.withSupply(Pressure.ofKPa(d.supplyKPa())),
                        percent,
                        Optional.ofNullable(d.state()),
                        Optional.ofNullable(d.doneBefore()),
                        d.places(),
                        d.atNeighbours().entrySet().stream()
                                .collect(Collectors.toMap(e -> CylinderNumber.of(e.getKey()), Map.Entry::getValue)),
                        d.plugged().stream().map(CylinderNumber::of).collect(Collectors.toSet()),
                        settling,
                        Optional.ofNullable(setAside)));
    }

    private void checkPlaces(int cylinder) {
        int count = engine.arrangement().count();
        if (cylinder < 1 || cylinder > count) {
            problems.add(
                    FieldProblem.of(path + "cylinder", cylinder + " does not exist on this engine", "1 to " + count));
        }
        if (d.kind() == null) {
            problems.add(path + "kind", "is missing");
        }
        Map<Integer, Heard> neighbours = d.atNeighbours();
        if (d.places().containsKey(Place.NEIGHBOUR)) {
            problems.add(path + "heard", "does not say at which neighbour; use neighbours");
        }
        boolean gaps = Stream.of(d.places().values(), neighbours.values(), d.plugged(), watched())
                .anyMatch(c -> c.stream().anyMatch(Objects::isNull));
        if (gaps) {
            problems.add(path + "heard", "has a place without what was heard there, or a reading without a value");
            return;
        }
        Stream.concat(neighbours.keySet().stream(), d.plugged().stream())
                .filter(n -> n < 1 || n > count || n == cylinder)
                .distinct()
                .forEach(n -> problems.add(
                        FieldProblem.of(path + "neighbours." + n, n + " is no neighbour here", "1 to " + count)));
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

    /** Per cent lost, where a number on the second gauge may well be a per cent itself; empty where it is plain. */
    public static Optional<Double> mayBePercent(TesterDocument tester, LeakdownDocument d, double typed) {
        Double supply = d.supplyKPa() == null ? tester.supplyKPa() : d.supplyKPa();
        if (tester.kind() != TesterKind.TWO_GAUGES || d.cylinderKPa() == null || supply == null) {
            return Optional.empty();
        }
        double lost = LeakdownReading.percentLost(Pressure.ofKPa(d.cylinderKPa()), Pressure.ofKPa(supply));
        return Optional.of(lost).filter(l -> typed <= MOST_TAKEN_FOR_PERCENT && l > LEAST_ASKED_PERCENT);
    }

    private Optional<Pressure> supply() {
        return problems.optional(path + "supplyKPa", d.supplyKPa(), AllowedRange.SUPPLY, Pressure::ofKPa)
                .or(tester::supply);
    }

    /** The reading in per cent, from the dial or from two gauges. */
    private double percent() {
        if ((d.leakPercent() == null) == (d.cylinderKPa() == null)) {
            problems.add(FieldProblem.of(
                    path + "leakPercent",
                    "give either the per cent or the second gauge",
                    AllowedRange.LEAK_PERCENT.inWords()));
            return 0;
        }
        Optional<Pressure> supply = supply();
        return d.leakPercent() != null
                ? percent("leakPercent", d.leakPercent())
                : percent("cylinderKPa", d.cylinderKPa(), supply);
    }

    private double percent(String field, Double value) {
        return problems.required(path + field, value, AllowedRange.LEAK_PERCENT, v -> v)
                .orElse(0.0);
    }

    private double percent(String field, Double kPa, Optional<Pressure> supply) {
        Optional<Pressure> cylinder =
                problems.required(path + field, kPa, AllowedRange.CYLINDER_PRESSURE, Pressure::ofKPa);
        if (supply.isEmpty()) {
            problems.add(path + "supplyKPa", "is needed with the second gauge");
            return 0;
        }
        if (cylinder.filter(c -> c.compareTo(supply.get()) > 0).isPresent()) {
            problems.add(FieldProblem.of(
                    path + field,
                    "the cylinder cannot stand above the supply: gauges swapped or one not zeroed",
                    "0 to " + Math.round(supply.get().kPa()) + " kPa"));
            return 0;
        }
        return cylinder.map(c -> LeakdownReading.percentLost(c, supply.get())).orElse(0.0);
    }

    private List<Double> watched() {
        return Stream.of(d.settling(), d.settlingKPa())
                .filter(Objects::nonNull)
                .flatMap(List::stream)
                .toList();
    }

    private List<Double> settling() {
        List<Double> given = watched();
        boolean onGauge = d.settlingKPa() != null && d.settling() == null;
        Optional<Pressure> supply = onGauge ? supply() : Optional.empty();
        return IntStream.range(0, given.size())
                .mapToObj(i -> onGauge
                        ? percent("settlingKPa[" + i + "]", given.get(i), supply)
                        : percent("settling[" + i + "]", given.get(i)))
                .toList();
    }
}
