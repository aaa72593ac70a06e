package silentotter.core.blowby;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.finding.Said;
import silentotter.core.leakdown.CylinderLeak;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownAnalysis;
import silentotter.core.leakdown.PathShare;
import silentotter.core.leakdown.Place;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.wording.Say;
import silentotter.core.wording.Worded;

/**
 * Blow-by held against leak-down of the same job: both look at the same rings, running and at rest.
 *
 * @param leakdown what leak-down found past all rings together; empty where not every cylinder was read and listened to
 * @param fits whether both can be true; empty where leak-down does not tell
 * @param carriers cylinders of which one alone could carry most of it
 */
public record RingFit(
        Optional<Estimate<LeakArea>> leakdown, Optional<Boolean> fits, List<CylinderNumber> carriers, String says)
        implements Worded {
    /** Two-sided 99 % of a normal distribution: only beyond it two tests contradict each other. */
    private static final double NINETY_NINE = 2.576;
    /** A cylinder with this share of the rings' leak could carry it alone. */
    private static final double MOST_OF_IT = 0.5;
    /** Cylinders that a sum needs its range from are good to this. */
    private static final double EAR_LN_SIGMA = 0.35;

    /** What leak-down adds to what blow-by said before; nothing where there is no flow. */
    public static Said beside(Engine engine, Said said) {
        return said.of(BlowbyAnalysis.class)
                .flatMap(BlowbyAnalysis::rings)
                .map(rings -> said.and(of(engine, rings, said.of(LeakdownAnalysis.class, LeakdownAnalysis.NONE))))
                .orElse(said);
    }

    static RingFit of(Engine engine, RingArea rings, LeakdownAnalysis leakdown) {
        Map<CylinderNumber, Estimate<LeakArea>> past = new LinkedHashMap<>();
        List<CylinderNumber> open = new ArrayList<>();
        for (CylinderNumber c : engine.arrangement().cylinders()) {
            Optional<Estimate<LeakArea>> area = leakdown.at(c).flatMap(RingFit::pastRings);
            area.ifPresentOrElse(a -> past.put(c, a), () -> open.add(c));
        }
        if (!open.isEmpty()) {
            return new RingFit(
                    Optional.empty(),
                    Optional.empty(),
                    List.of(),
                    "Which cylinder it is, blow-by alone cannot say. Leak-down with an ear at the filler tells, still open on "
                            + Say.cylinders(open) + ".");
        }
        Estimate<LeakArea> sum = new Estimate<>(
                LeakArea.ofSquareMm(past.values().stream()
                        .mapToDouble(a -> a.low().squareMm())
                        .sum()),
                LeakArea.ofSquareMm(past.values().stream()
                        .mapToDouble(a -> a.best().squareMm())
                        .sum()),
                LeakArea.ofSquareMm(past.values().stream()
                        .mapToDouble(a -> a.high().squareMm())
                        .sum()));
        return judged(rings, past, sum);
    }

    private static RingFit judged(
            RingArea rings, Map<CylinderNumber, Estimate<LeakArea>> past, Estimate<LeakArea> sum) {
        double found = Math.max(sum.best().squareMm(), sum.high().squareMm() / 4);
        double wide = Math.hypot(lnSigma(rings.atRest()), Math.hypot(lnSigma(sum), EAR_LN_SIGMA));
        double apart = Math.log(rings.atRest().best().squareMm() / Math.max(0.01, found));
        boolean fits = Math.abs(apart) < NINETY_NINE * wide;
        List<CylinderNumber> carriers = past.entrySet().stream()
                .filter(e -> past.size() > 1
                        && e.getValue().best().squareMm()
                                >= MOST_OF_IT * sum.best().squareMm())
                .map(Map.Entry::getKey)
                .toList();
        String both = "Blow-by implies " + Say.about(rings.atRest()) + " past all rings, leak-down found "
                + Say.about(sum) + ": ";
        if (!fits) {
            String doubt = apart > 0
                    ? "more than the rings let past at rest. Air fed to the crankcase from elsewhere, a ring that leaks only"
                            + " while running, or one of the two readings is wrong: repeat the cheaper one."
                    : "less than it should be. An open port beside the orifice, or leak-down read off its stroke: look for both.";
            return new RingFit(
                    Optional.of(sum), Optional.of(false), List.of(), both + "they contradict each other, " + doubt);
        }
        String who = carriers.isEmpty()
                ? "No single cylinder carries it."
                : "Cylinder " + Say.cylinders(carriers) + " alone could carry most of it.";
        return new RingFit(Optional.of(sum), Optional.of(true), carriers, both + "they agree. " + who);
    }

    private static double lnSigma(Estimate<LeakArea> e) {
        double low = Math.max(e.low().squareMm(), e.best().squareMm() / 20);
        return low > 0 ? Math.log(Math.max(e.high().squareMm(), low) / low) / 2 / BlowbyAnalyst.NINETY_FIVE : 1;
    }

    /** What of a cylinder's leak goes past its rings; empty where nobody listened and it leaks more than a little. */
    private static Optional<Estimate<LeakArea>> pastRings(CylinderLeak leak) {
        Heard atFiller = leak.reading().heard().get(Place.CRANKCASE);
        boolean listened = atFiller != null && atFiller != Heard.CANNOT_BE_REACHED;
        if (!listened && leak.leaks()) {
            return Optional.empty();
        }
        double share = leak.paths().isEmpty()
                ? 1
                : leak.paths().stream()
                        .filter(p -> p.place() == Place.CRANKCASE)
                        .mapToDouble(PathShare::share)
                        .sum();
        return leak.area()
                .map(a -> new Estimate<>(
                        a.low().times(share), a.best().times(share), a.high().times(share)));
    }
}
