package silentotter.core.leakdown;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.compression.CompressionBeside;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.flow.AirFlow;
import silentotter.core.flow.TwoHoles;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.job.Ambient;
import silentotter.core.leakdown.LeakdownReading.DoneBefore;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;
import silentotter.core.wording.Say;

/** Turns leak-down readings from any tester into leak areas and says what they mean. */
public final class LeakdownAnalyst {
    private static final double NINETY_FIVE = 1.96;

    private final Engine engine;
    private final Ambient ambient;
    private final List<LeakdownReading> counting;

    private LeakdownAnalyst(Engine engine, Ambient ambient, List<LeakdownReading> readings) {
        this.engine = engine;
        this.ambient = ambient;
        this.counting = readings.stream()
                .filter(LeakdownReading::counts)
                .sorted(Comparator.comparingInt(LeakdownReading::order))
                .toList();
    }

    /**
     * @param readings all attempts of a job, in any order
     * @param compression how compression stands beside it
     */
    public static LeakdownAnalysis analyse(
            Engine engine, Ambient ambient, List<LeakdownReading> readings, CompressionBeside compression) {
        return new LeakdownAnalyst(engine, ambient, readings).analysis(compression);
    }

    /** The interval of one reading as a leak area; empty where orifice or supply is unknown. */
    public static Optional<Estimate<LeakArea>> area(LeakdownReading reading, Pressure ambientAbsolute) {
        return reading.tester().holes(ambientAbsolute).map(holes -> {
            double spread = Math.exp(NINETY_FIVE * reading.tester().orificeSigma());
            LeakArea best = at(holes, reading.tellingPercent());
            LeakArea low = at(holes, reading.lowPercent()).times(1 / spread);
            LeakArea high = at(holes, reading.highPercent()).times(spread);
            return Estimate.of(low, best, high);
        });
    }

    private static LeakArea at(TwoHoles holes, double percent) {
        return holes.leak(holes.cylinderPressure(percent));
    }

    private LeakdownAnalysis analysis(CompressionBeside compression) {
        Map<CylinderNumber, LeakdownReading> last = new LinkedHashMap<>();
        for (CylinderNumber c : engine.arrangement().cylinders()) {
            of(c, LeakdownKind.STANDARD).reduce((a, b) -> b).ifPresent(r -> last.put(c, r));
        }
        if (last.isEmpty()) {
            return LeakdownAnalysis.NONE;
        }
        Optional<LeakdownReading> best =
                last.values().stream().min(Comparator.comparingDouble(LeakdownReading::percent));
        Map<CylinderNumber, CylinderLeak> cylinders = new LinkedHashMap<>();
        last.forEach((c, r) -> cylinders.put(c, leak(r, best.orElseThrow())));
        boolean comparable = cylinders.values().stream().allMatch(l -> l.area().isPresent());
        List<CrossCheck> checks = CrossChecks.of(cylinders, compression);
        return new LeakdownAnalysis(
                cylinders,
                comparable,
                LeakdownFaults.in(engine, counting, cylinders),
                checks,
                PassRules.read(counting, ambient.pressure()),
                byTester());
    }

    private List<LeakdownAnalysis.TesterReading> byTester() {
        List<String> testers =
                counting.stream().map(r -> r.tester().name()).distinct().toList();
        if (testers.size() < 2) {
            return List.of();
        }
        return engine.arrangement().cylinders().stream()
                .flatMap(c -> testers.stream()
                        .flatMap(t -> of(c, LeakdownKind.STANDARD)
                                .filter(r -> r.tester().name().equals(t))
                                .reduce((a, b) -> b)
                                .stream()))
                .map(r -> new LeakdownAnalysis.TesterReading(
                        r.tester().name(), r.cylinder(), r.percent(), area(r, ambient.pressure())))
                .toList();
    }

    private java.util.stream.Stream<LeakdownReading> of(CylinderNumber cylinder, LeakdownKind kind) {
        return counting.stream().filter(r -> r.cylinder().equals(cylinder) && r.kind() == kind);
    }

    private CylinderLeak leak(LeakdownReading r, LeakdownReading best) {
        Pressure air = ambient.pressure();
        Optional<Estimate<LeakArea>> area = area(r, air);
        Optional<TwoHoles> holes = r.tester().holes(air);
        Optional<Double> flow = holes.flatMap(h -> area.map(a -> AirFlow.freeAirLitresPerMinute(
                a.best(), h.cylinderPressure(r.tellingPercent()).plus(air), air, ambient.airTemperature())));
        Optional<LeakArea> detection = holes.map(h -> at(h, NINETY_FIVE * 1.5));
        Optional<Double> master = area.map(a ->
                LeakdownSchool.onMaster(a.best(), LeakdownTester.MASTER.supply().orElseThrow()));
        Optional<Grade> grade = area.flatMap(a -> engine.size().bore().map(b -> LeakdownSchool.areaGrade(a.best(), b)));
        boolean odd = r != best && r.differsFrom(best);
        List<LeakdownReading> attempts = of(r.cylinder(), LeakdownKind.STANDARD).toList();
        return new CylinderLeak(
                r.cylinder(),
                r,
                area,
                flow,
                master,
                detection,
                grade,
                odd,
                attempts.size(),
                recovered(attempts),
                PathShare.of(r),
                reason(r, area, odd, best));
    }

    /** Whether the last attempt is better than an earlier one after the valve was moved. */
    private static boolean recovered(List<LeakdownReading> attempts) {
        if (attempts.size() < 2) {
            return false;
        }
        LeakdownReading last = attempts.get(attempts.size() - 1);
        LeakdownReading before = attempts.get(attempts.size() - 2);
        boolean moved = last.doneBefore()
                .filter(d -> d == DoneBefore.VALVE_TAPPED || d == DoneBefore.TURNED_OVER)
                .isPresent();
        return moved && last.percent() < before.percent() && last.differsFrom(before);
    }

    private static String reason(
            LeakdownReading r, Optional<Estimate<LeakArea>> area, boolean odd, LeakdownReading best) {
        String read = "Leak-down reads " + Say.number(r.percent()) + " %";
        String asArea = area.map(a -> r.atEndOfDial()
                        ? ", at least " + Say.area(a.low()) + ": the end of the dial"
                        : a.low().squareMm() < 0.3 * a.best().squareMm()
                                ? ", at most " + Say.area(a.high()) + " on this tester"
                                : ", " + Say.about(a))
                .orElse("; the tester's orifice is not known, so it compares only within this engine");
        String against = odd
                ? ". Cylinder " + Say.cylinder(best.cylinder()) + " reads " + Say.number(best.percent())
                        + " %: more than the test repeats to."
                : r == best ? "." : ". Level with the best cylinder, within what the test repeats to.";
        return read + asArea + against;
    }
}
