package silentotter.core.leakdown;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import silentotter.core.compression.CompressionBeside;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.leakdown.CrossCheck.Outcome;
import silentotter.core.leakdown.LeakdownReading.RunState;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.wording.Say;

/**
 * Holds each leak against the compression of its cylinder. Most of the cranking leak happens well down the bore, so the
 * leak at cranking is the one at rest times a lognormal factor: rings median 0.8 (ln σ 0.45 hot, 0.6 cold), valves 1.0
 * (0.25 hot, 0.4 cold). Only what lies outside the 99 % band is called a contradiction.
 */
final class CrossChecks {
    private static final double NINETY_NINE = 2.576;
    /** Sound sisters differ by this share among themselves. */
    private static final double SISTERS = 0.05;

    private record Factor(double median, double lnSigma) {}

    private CrossChecks() {}

    static List<CrossCheck> of(Map<CylinderNumber, CylinderLeak> cylinders, CompressionBeside compression) {
        List<CrossCheck> result = new ArrayList<>();
        compression
                .shareLeft()
                .ifPresent(share -> cylinders.forEach((c, leak) -> leak.area()
                        .filter(a -> compression.measured().containsKey(c))
                        .ifPresent(a -> result.add(
                                check(leak, a, share, compression.measured().get(c))))));
        return result;
    }

    private static CrossCheck check(
            CylinderLeak leak, Estimate<LeakArea> area, ToDoubleFunction<LeakArea> share, Estimate<Double> measured) {
        Factor factor = factor(leak);
        double reach = Math.exp(NINETY_NINE * factor.lnSigma());
        double best = share.applyAsDouble(area.best().times(factor.median()));
        double low = share.applyAsDouble(area.high().times(factor.median() * reach));
        double high = Math.min(1.1, share.applyAsDouble(area.low().times(factor.median() / reach)) + SISTERS);
        Estimate<Double> predicted = Estimate.of(Math.min(low, best), best, Math.max(high, best));
        Outcome outcome = measured.high() < predicted.low()
                ? Outcome.LOWER_THAN_LEAK
                : measured.low() > predicted.high() ? Outcome.HIGHER_THAN_LEAK : Outcome.AGREE;
        String figures = "Leak-down on " + Say.cylinder(leak.cylinder()) + " predicts " + Say.percent(predicted.low())
                + " to " + Say.percent(Math.min(1, predicted.high())) + " of sound compression, the gauge said "
                + Say.percent(measured.best());
        return new CrossCheck(
                leak.cylinder(),
                predicted,
                measured.best(),
                outcome,
                figures + meaning(outcome, leak),
                retest(outcome));
    }

    private static Factor factor(CylinderLeak leak) {
        boolean hot = leak.reading().state().filter(s -> s == RunState.HOT).isPresent();
        boolean rings = leak.paths().stream().anyMatch(p -> p.place() == Place.CRANKCASE && p.share() > 0.5);
        boolean valves = leak.paths().stream()
                .anyMatch(p -> (p.place() == Place.INTAKE || p.place() == Place.EXHAUST) && p.share() > 0.5);
        if (valves) {
            return new Factor(1.0, hot ? 0.25 : 0.4);
        }
        return rings ? new Factor(0.8, hot ? 0.45 : 0.6) : new Factor(0.9, hot ? 0.45 : 0.6);
    }

    private static String meaning(Outcome outcome, CylinderLeak leak) {
        return switch (outcome) {
            case AGREE -> ". They agree.";
            case LOWER_THAN_LEAK ->
                leak.leaks()
                        ? ". Compression is lower than this leak explains: a second leak that only opens when it moves, or the compression reading."
                        : ". The seal is good at rest, so look at what moves: lobe, lifter, clearance, timing. Or the compression reading is wrong.";
            case HIGHER_THAN_LEAK ->
                ". Compression is better than this leak allows. In this order: wrong stroke, piston slid off top centre, leaking adapter or hose, cold engine, a valve that rests differently from how it moves.";
        };
    }

    private static String retest(Outcome outcome) {
        return switch (outcome) {
            case AGREE -> "";
            case LOWER_THAN_LEAK -> "Read compression again, same strokes; then valve lift and clearance.";
            case HIGHER_THAN_LEAK -> "Soap the adapter, turn 360°, read leak-down again.";
        };
    }
}
