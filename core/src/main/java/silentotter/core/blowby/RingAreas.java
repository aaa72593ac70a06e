package silentotter.core.blowby;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import silentotter.core.engine.Engine;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;
import silentotter.core.twin.CylinderGeometry;
import silentotter.core.twin.RunningTwin;
import silentotter.core.wording.Say;

/** From a flow to the ring area behind it, by the running-engine twin. */
final class RingAreas {
    /** Running area over area at rest: median, and standard deviation of its logarithm (shared physics of the product). */
    static final double RUNNING_SHARE = 0.3;

    static final double RUNNING_LN_SIGMA = 0.6;

    private static final LeakArea ONE = LeakArea.ofSquareMm(1);

    private RingAreas() {}

    /** Absolute pressure in the manifold, kPa: what is usual at a point, and from where to where. */
    private static Estimate<Double> manifold(Engine engine, BlowbyPoint point) {
        boolean boosted = engine.isBoosted();
        if (point == BlowbyPoint.LOADED) {
            return boosted ? new Estimate<>(110.0, 180.0, 260.0) : new Estimate<>(85.0, 97.0, 101.0);
        }
        if (engine.isDiesel()) {
            return boosted ? new Estimate<>(92.0, 105.0, 140.0) : new Estimate<>(92.0, 98.0, 101.0);
        }
        return point == BlowbyPoint.IDLE ? new Estimate<>(28.0, 35.0, 45.0) : new Estimate<>(30.0, 45.0, 70.0);
    }

    private static double usualSpeed(BlowbyPoint point) {
        return point == BlowbyPoint.IDLE ? 800 : 2500;
    }

    /**
     * Of the point that tells most: loaded, then held, then idle.
     *
     * @return empty without bore and stroke, or without a steady flow
     */
    static Optional<RingArea> of(
            Engine engine, Optional<CylinderGeometry> geometry, Pressure air, List<PointResult> points) {
        Optional<PointResult> telling = Stream.of(BlowbyPoint.LOADED, BlowbyPoint.HELD, BlowbyPoint.IDLE)
                .flatMap(p -> points.stream()
                        .filter(r -> r.point() == p && r.flowLPerMin().isPresent()))
                .findFirst();
        return geometry.flatMap(g -> telling.flatMap(p -> of(engine, g, air, p)));
    }

    private static Optional<RingArea> of(Engine engine, CylinderGeometry geometry, Pressure air, PointResult point) {
        CrankSpeed speed = point.speed().orElse(CrankSpeed.ofRpm(usualSpeed(point.point())));
        Pressure crankcase = air.plus(Pressure.ofPa(point.pressurePa().best()));
        Estimate<Double> intake = manifold(engine, point.point());
        double least = RunningTwin.blowBy(geometry, ONE, Pressure.ofKPa(intake.low()), crankcase, speed);
        double usual = RunningTwin.blowBy(geometry, ONE, Pressure.ofKPa(intake.best()), crankcase, speed);
        double most = RunningTwin.blowBy(geometry, ONE, Pressure.ofKPa(intake.high()), crankcase, speed);
        if (!(least > 0) || !(usual >= least)) {
            return Optional.empty();
        }
        Estimate<Double> flow = point.flowLPerMin().orElseThrow();
        double low = flow.low() / most;
        double best = flow.best() / usual;
        double high = flow.high() / least;
        // The share running over rest is lognormal; its range and that of the flow are drawn together as such.
        double down =
                Math.hypot(Math.log(best / Math.max(low, best / 20)), BlowbyAnalyst.NINETY_FIVE * RUNNING_LN_SIGMA);
        double up = Math.hypot(Math.log(high / best), BlowbyAnalyst.NINETY_FIVE * RUNNING_LN_SIGMA);
        double rest = best / RUNNING_SHARE;
        Estimate<LeakArea> atRest = area(rest * Math.exp(-down), rest, rest * Math.exp(up));
        return Optional.of(new RingArea(
                point.point(),
                area(low, best, high),
                atRest,
                "All rings together: " + Say.about(atRest) + " at rest, from "
                        + point.point().words() + (point.speed().isPresent() ? "." : ", its speed taken as usual.")));
    }

    private static Estimate<LeakArea> area(double low, double best, double high) {
        return Estimate.of(LeakArea.ofSquareMm(low), LeakArea.ofSquareMm(best), LeakArea.ofSquareMm(high));
    }
}
