package silentotter.core.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.DoubleStream;
import silentotter.core.compression.FaultLimit;
import silentotter.core.compression.School;
import silentotter.core.engine.Engine;
import silentotter.core.leakdown.LeakdownSchool;
import silentotter.core.oil.OilSchool;
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
    private static final double DAY_TO_DAY_KPA = 25;
    private static final double DAY_TO_DAY_RATIO = .02;
    private static final double DAY_TO_DAY_POINTS = 2;
    private static final double DAY_TO_DAY_LITRES = .03;

    /** What the leading schools, and the common one of leak-down, watch on this engine. */
    static List<WearLimit> of(Engine engine, School leading, OilSchool oil) {
        List<WearLimit> limits = new ArrayList<>();
        leading.faultLimit(engine).map(WearLimit::compression).ifPresent(limits::add);
        limits.add(new WearLimit(
                "the worst leak-down",
                Say.number(LeakdownSchool.faultOnMaster()) + " % on the master tester",
                v -> of(v, Measure.LEAKDOWN).max(),
                LeakdownSchool.faultOnMaster(),
                false,
                DAY_TO_DAY_POINTS));
        oil.faultLitresPer1000Km(engine.limits())
                .ifPresent(most -> limits.add(new WearLimit(
                        "oil use",
                        Say.litresPer1000Km(most),
                        v -> of(v, Measure.OIL_PER_DISTANCE).max(),
                        most,
                        false,
                        DAY_TO_DAY_LITRES)));
        return limits;
    }

    private static WearLimit compression(FaultLimit limit) {
        return switch (limit.figure()) {
            case LOWEST_OVER_HIGHEST -> ratio(limit.at());
            case HIGHEST_LESS_LOWEST -> spread(Pressure.ofKPa(limit.at()));
            case LOWEST -> floor(Pressure.ofKPa(limit.at()));
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
