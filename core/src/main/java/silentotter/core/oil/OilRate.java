package silentotter.core.oil;

import java.util.List;
import java.util.Optional;
import silentotter.core.oil.LevelFit.Level;
import silentotter.core.quantity.Estimate;

/**
 * How fast oil goes, by generalised least squares on the dips: see {@link LevelFit}.
 *
 * @param perUnit litres, or units of the level, a unit of the axis, with its 95 % interval; below 0 where the level rose
 * @param levelNow from the full mark after the last line, as fitted
 * @param levelSigma one standard deviation of that
 * @param span from the first to the last dip, in units of the axis
 */
public record OilRate(Estimate<Double> perUnit, double levelNow, double levelSigma, double span) {
    /** Two-sided 95 % of a normal distribution. */
    static final double NINETY_FIVE = 1.96;

    /**
     * The rate of a log without oil change.
     *
     * @param log in the order of its axis, levels in litres
     * @return empty with fewer than two dips at different places, or where what was poured hides all that they say
     */
    public static Optional<OilRate> of(List<LevelPoint> log) {
        return LevelFit.of(List.of(log), 1, List.of()).map(OilRate::of);
    }

    static OilRate of(LevelFit fit) {
        double reach = NINETY_FIVE * fit.rateSigma();
        Level now = fit.now();
        return new OilRate(
                new Estimate<>(fit.rate() - reach, fit.rate(), fit.rate() + reach),
                now.level(),
                now.sigma(),
                fit.span());
    }

    /**
     * How far it is from now to a level, in units of the axis; the early edge first.
     *
     * @param level from the full mark
     * @return empty where the level does not surely fall
     */
    public Optional<Estimate<Double>> until(double level) {
        if (!(perUnit.low() > 0)) {
            return Optional.empty();
        }
        double early = Math.max(0, levelNow - NINETY_FIVE * levelSigma - level) / perUnit.high();
        double late = Math.max(0, levelNow + NINETY_FIVE * levelSigma - level) / perUnit.low();
        return Optional.of(new Estimate<>(early, Math.max(0, levelNow - level) / perUnit.best(), late));
    }

    /** The same in another unit of level, axis, or both. */
    OilRate times(double levels, double axis) {
        return new OilRate(
                new Estimate<>(
                        perUnit.low() * levels / axis, perUnit.best() * levels / axis, perUnit.high() * levels / axis),
                levelNow * levels,
                levelSigma * levels,
                span * axis);
    }
}
