package silentotter.core.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.DoubleStream;
import silentotter.core.compression.School;
import silentotter.core.engine.Engine;
import silentotter.core.quantity.Pressure;
import silentotter.core.wording.Say;

/**
 * What an engine wears towards: a figure of a visit, and the limit that a school sets for it.
 *
 * @param what the figure, in words
 * @param limit in words
 * @param value of a visit; empty where it was not measured, or only as a floor
 * @param at where the limit lies
 * @param falling whether wear lowers the figure
 * @param least one standard deviation of the figure, as the gauges repeat from day to day
 */
record WearLimit(
        String what, String limit, Function<Visit, OptionalDouble> value, double at, boolean falling, double least) {
    /** Of readings on the master tester, where the common school begins to call a cylinder at fault. Trade practice. */
    private static final double LEAKDOWN_FAULT = 30;

    private static final double DAY_TO_DAY_KPA = 25;
    private static final double DAY_TO_DAY_RATIO = .02;
    private static final double DAY_TO_DAY_POINTS = 2;

    /** What the leading school and the common one of leak-down watch on this engine. */
    static List<WearLimit> of(Engine engine, School leading) {
        List<WearLimit> limits = new ArrayList<>();
        compression(engine, leading).ifPresent(limits::add);
        limits.add(new WearLimit(
                "the worst leak-down",
                "30 % on the master tester",
                v -> of(v, Measure.LEAKDOWN).max(),
                LEAKDOWN_FAULT,
                false,
                DAY_TO_DAY_POINTS));
        return limits;
    }

    private static Optional<WearLimit> compression(Engine engine, School leading) {
        boolean diesel = engine.isDiesel();
        return switch (leading) {
            case LOWEST_75 -> Optional.of(ratio(.75));
            case WITHIN_10 -> Optional.of(ratio(diesel ? .85 : .9));
            case WITHIN_ONE_BAR -> Optional.of(spread(Pressure.ofKPa(diesel ? 300 : 100)));
            case MAKER_SPREAD -> engine.limits().compressionSpread().map(l -> spread(l.value()));
            case MAKER_MINIMUM -> engine.limits().compressionMinimum().map(l -> floor(l.value()));
            case ABSOLUTE_FLOOR -> Optional.of(floor(Pressure.ofKPa(diesel ? 2000 : 700)));
        };
    }

    private static WearLimit ratio(double at) {
        return new WearLimit(
                "lowest against highest compression",
                Say.percent(at),
                v -> {
                    double[] all = of(v, Measure.COMPRESSION).toArray();
                    return all.length < 2
                            ? OptionalDouble.empty()
                            : OptionalDouble.of(DoubleStream.of(all).min().orElseThrow()
                                    / DoubleStream.of(all).max().orElseThrow());
                },
                at,
                true,
                DAY_TO_DAY_RATIO);
    }

    private static WearLimit spread(Pressure at) {
        return new WearLimit(
                "highest less lowest compression",
                Say.pressure(at),
                v -> {
                    double[] all = of(v, Measure.COMPRESSION).toArray();
                    return all.length < 2
                            ? OptionalDouble.empty()
                            : OptionalDouble.of(DoubleStream.of(all).max().orElseThrow()
                                    - DoubleStream.of(all).min().orElseThrow());
                },
                at.kPa(),
                false,
                DAY_TO_DAY_KPA);
    }

    private static WearLimit floor(Pressure at) {
        return new WearLimit(
                "the lowest compression at sea level",
                Say.pressure(at),
                v -> of(v, Measure.COMPRESSION).min(),
                at.kPa(),
                true,
                DAY_TO_DAY_KPA);
    }

    private static DoubleStream of(Visit visit, Measure measure) {
        List<Measured> all = visit.of(measure);
        return all.stream().anyMatch(Measured::floor)
                ? DoubleStream.empty()
                : all.stream().mapToDouble(Measured::value);
    }
}
