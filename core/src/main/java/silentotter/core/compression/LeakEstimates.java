package silentotter.core.compression;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import silentotter.core.engine.Engine;
import silentotter.core.job.Ambient;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.LeakCurve;

/**
 * From a reading as a share of a sound sister to a leak area, and from the compression ratio to an expected level,
 * both through the cranking twin over the speeds and sound leaks that are possible here.
 */
final class LeakEstimates {
    /** The level that the twin predicts depends on guesses worth about this much together. */
    private static final double LEVEL_UNCERTAINTY = 0.15;
    /** A sound cylinder of 86 mm bore leaks between these, usually in the middle. */
    private static final Estimate<LeakArea> SOUND =
            Estimate.of(LeakArea.ofSquareMm(0.1), CrankingSetup.SOUND_LEAK_OF_500_ML, LeakArea.ofSquareMm(0.6));

    private static final double SOUND_BORE_MM = 86;
    private static final Estimate<Double> UNKNOWN_SPEED = Estimate.of(120.0, 220.0, 350.0);
    private static final double SPEED_UNCERTAINTY = 0.1;

    /** Cylinder pressure over ambient at the start of compression behind a shut throttle. */
    private static final double SHUT_THROTTLE_FACTOR = 0.6;

    private final CrankingSetup setup;
    private final List<LeakCurve> curves;
    private final Estimate<LeakArea> sound;

    private LeakEstimates(CrankingSetup setup, Estimate<Double> speeds, Function<CrankingSetup, LeakCurve> curves) {
        this.setup = setup;
        this.curves = Stream.of(speeds.low(), speeds.best(), speeds.high())
                .map(rpm -> curves.apply(setup.withSpeed(CrankSpeed.ofRpm(rpm))))
                .toList();
        double scale = setup.geometry().bore().mm() / SOUND_BORE_MM;
        this.sound = Estimate.of(
                SOUND.low().times(scale),
                SOUND.best().times(scale),
                SOUND.high().times(scale));
    }

    /** Empty where bore or stroke is unknown. */
    static Optional<LeakEstimates> of(
            Engine engine, Ambient ambient, Conditions conditions, Function<CrankingSetup, LeakCurve> curves) {
        return engine.size().geometry(engine.assumedRatio()).map(geometry -> {
            Estimate<Double> speeds = conditions
                    .crankingSpeed()
                    .map(s ->
                            Estimate.of(s.rpm() * (1 - SPEED_UNCERTAINTY), s.rpm(), s.rpm() * (1 + SPEED_UNCERTAINTY)))
                    .orElse(UNKNOWN_SPEED);
            return new LeakEstimates(
                    CrankingConditions.setup(engine, geometry, ambient, conditions)
                            .withIntakeFactor(conditions.throttleShut() ? SHUT_THROTTLE_FACTOR : 1),
                    speeds,
                    curves);
        });
    }

    CrankingSetup setup() {
        return setup;
    }

    /** What a sound cylinder of this size and ratio should read here; never a reason to condemn by itself. */
    Estimate<Pressure> expected() {
        double best = middle().reading(sound.best()).kPa();
        double low = curves.stream()
                .mapToDouble(c -> c.reading(sound.high()).kPa())
                .min()
                .orElseThrow();
        double high = curves.stream()
                .mapToDouble(c -> c.reading(sound.low()).kPa())
                .max()
                .orElseThrow();
        return Estimate.of(
                Pressure.ofKPa(low * (1 - LEVEL_UNCERTAINTY)),
                Pressure.ofKPa(best),
                Pressure.ofKPa(high * (1 + LEVEL_UNCERTAINTY)));
    }

    /** The share of a sound sister's reading that a leak leaves at cranking speed. */
    double share(LeakArea leak) {
        LeakArea least = LeakArea.ofSquareMm(Math.max(leak.squareMm(), 1e-3));
        return middle().reading(least).ratioTo(middle().reading(sound.best()));
    }

    /** The leak that leaves this share of a sound sister's reading. */
    LeakArea area(double share) {
        return implied(middle(), share, sound.best());
    }

    /** The same with everything that is uncertain: share, speed, and how sound the sister is. */
    Estimate<LeakArea> area(Estimate<Double> share) {
        double best = area(share.best()).squareMm();
        double low = best;
        double high = best;
        for (LeakCurve curve : curves) {
            low = Math.min(low, implied(curve, share.high(), sound.low()).squareMm());
            high = Math.max(high, implied(curve, share.low(), sound.high()).squareMm());
        }
        return Estimate.of(LeakArea.ofSquareMm(low), LeakArea.ofSquareMm(best), LeakArea.ofSquareMm(high));
    }

    private LeakCurve middle() {
        return curves.get(1);
    }

    private static LeakArea implied(LeakCurve curve, double share, LeakArea soundLeak) {
        return curve.area(curve.reading(soundLeak).times(share));
    }
}
