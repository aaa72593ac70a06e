package silentotter.core.compression;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import silentotter.core.compression.CylinderResult.Standing;
import silentotter.core.compression.WetResult.WetOutcome;
import silentotter.core.engine.Arrangement;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Volume;
import silentotter.core.twin.CylinderGeometry;
import silentotter.core.twin.WetArtefact;
import silentotter.core.wording.Say;

/**
 * Dry against wet, with the oil-volume artefact of each cylinder taken off as a range. A good cylinder wet-tested as
 * control tells how much of the oil stayed on the crown and narrows the range of the others.
 */
final class WetTest {
    /** One standard deviation of a rise, percentage points. */
    private static final double RISE_SIGMA = 4;
    /** A rise this much above the artefact says rings. */
    private static final double SEALING_POINTS = 10;
    /** How far the control's own scatter leaves the retention open, either way. */
    private static final double CONTROL_BAND = 0.25;

    private record Measured(CylinderNumber cylinder, Volume oil, double rise, Standing dry, LeakArea leak) {}

    private WetTest() {}

    /** Why a wet test makes no sense or must not be done here; empty when it may be done. */
    static Optional<String> refusal(Engine engine, CylinderNumber cylinder) {
        if (engine.isDiesel()) {
            return Optional.of("Never a wet test on a diesel: oil in a small clearance volume locks it or fires.");
        }
        Arrangement arrangement = engine.arrangement();
        if (arrangement.liesOver(cylinder)) {
            long lean = Math.round(arrangement.boreLeanDeg(cylinder).orElse(90.0));
            return Optional.of("The bore leans " + lean
                    + "° from upright: oil runs to its low side and seals nothing, so the wet test says nothing here.");
        }
        return Optional.empty();
    }

    /** Oil poured into a cylinder in all wet readings up to the last; doses add up. */
    static Volume oilIn(List<CompressionPass> wetPasses, CylinderNumber cylinder) {
        return wetPasses.stream()
                .flatMap(p -> p.readings().stream())
                .filter(r -> r.cylinder().equals(cylinder))
                .map(r -> r.oil().orElse(Volume.ofMillilitres(0)))
                .reduce(Volume.ofMillilitres(0), Volume::plus);
    }

    static List<WetResult> of(
            Engine engine,
            Map<CylinderNumber, CylinderResult> dry,
            List<CompressionPass> wetPasses,
            Optional<LeakEstimates> estimates) {
        List<Measured> measured = measured(engine, dry, wetPasses, estimates);
        Estimate<Double> retention = estimates
                .flatMap(e -> retentionFromControl(measured, e))
                .orElse(Estimate.of(WetArtefact.LEAST_RETENTION, 0.65, 1.0));
        return measured.stream().map(m -> judge(m, estimates, retention)).toList();
    }

    private static List<Measured> measured(
            Engine engine,
            Map<CylinderNumber, CylinderResult> dry,
            List<CompressionPass> wetPasses,
            Optional<LeakEstimates> estimates) {
        List<Measured> result = new ArrayList<>();
        for (CylinderResult d : dry.values()) {
            Optional<CompressionReading> last =
                    wetPasses.stream().flatMap(p -> p.of(d.cylinder()).stream()).reduce((a, b) -> b);
            if (last.isEmpty()
                    || d.value().isEmpty()
                    || refusal(engine, d.cylinder()).isPresent()) {
                continue;
            }
            double before = d.value().get().value().kPa();
            if (before <= 0) {
                continue;
            }
            result.add(new Measured(
                    d.cylinder(),
                    oilIn(wetPasses, d.cylinder()),
                    100 * (last.get().value().kPa() / before - 1),
                    d.standing(),
                    estimates
                            .map(e -> e.area(Math.min(
                                    1, d.shareOfSound().map(Estimate::best).orElse(1.0))))
                            .orElse(LeakArea.ofSquareMm(0))));
        }
        return result;
    }

    private static Optional<Estimate<Double>> retentionFromControl(List<Measured> measured, LeakEstimates estimates) {
        return measured.stream()
                .filter(m -> m.dry() == Standing.LEVEL)
                .findFirst()
                .flatMap(control -> artefact(estimates, control, 1)
                        .filter(full -> full > RISE_SIGMA)
                        .map(full -> {
                            double share = clip(control.rise() / full);
                            double band = CONTROL_BAND + RISE_SIGMA / full;
                            return Estimate.of(clip(share - band), share, clip(share + band));
                        }));
    }

    private static double clip(double share) {
        return Math.max(WetArtefact.LEAST_RETENTION, Math.min(1, share));
    }

    private static Optional<Double> artefact(LeakEstimates estimates, Measured m, double retention) {
        CylinderGeometry geometry = estimates.setup().geometry();
        Volume onCrown = m.oil().times(retention);
        if (onCrown.millilitres() >= geometry.clearance().millilitres()) {
            return Optional.empty();
        }
        return Optional.of(WetArtefact.risePercent(estimates.setup(), m.leak(), onCrown));
    }

    private static WetResult judge(Measured m, Optional<LeakEstimates> estimates, Estimate<Double> retention) {
        Optional<Estimate<Double>> artefact = estimates.flatMap(e -> artefact(e, m, retention.low())
                .flatMap(low -> artefact(e, m, retention.best())
                        .flatMap(best -> artefact(e, m, retention.high()).map(high -> Estimate.of(low, best, high)))));
        String measured =
                "Rose " + Say.signedPercent(m.rise() / 100) + " with " + Say.volume(m.oil()) + " of oil in all";
        if (artefact.isEmpty()) {
            return new WetResult(
                    m.cylinder(),
                    m.oil(),
                    m.rise(),
                    Optional.empty(),
                    Optional.empty(),
                    WetOutcome.NOT_CORRECTED,
                    measured
                            + ". Bore and stroke are not known, so what the oil's volume alone does cannot be taken off.");
        }
        Estimate<Double> a = artefact.get();
        Estimate<Double> net = Estimate.of(m.rise() - a.high(), m.rise() - a.best(), m.rise() - a.low());
        WetOutcome outcome = net.low() > SEALING_POINTS
                ? WetOutcome.RINGS_SEALED
                : net.low() > RISE_SIGMA ? WetOutcome.UNCLEAR : WetOutcome.VOLUME_ONLY;
        String volume = "; its volume alone does " + range(a, v -> v) + " in this cylinder";
        String conclusion = switch (outcome) {
            case RINGS_SEALED -> ". " + range(net, v -> v) + " are left: the oil sealed the rings.";
            case UNCLEAR -> ". The little that is left does not tell. One more measured dose would.";
            default -> ": nothing is left for the rings. Valve or gasket, unless the ring is broken.";
        };
        return new WetResult(
                m.cylinder(), m.oil(), m.rise(), artefact, Optional.of(net), outcome, measured + volume + conclusion);
    }

    private static String range(Estimate<Double> e, ToDoubleFunction<Double> of) {
        return Math.round(of.applyAsDouble(e.low())) + " to " + Math.round(of.applyAsDouble(e.high())) + " %";
    }
}
