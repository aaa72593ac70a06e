package silentotter.core.blowby;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import silentotter.core.engine.Engine;
import silentotter.core.flow.BreatherOrifice;
import silentotter.core.instruments.SlackTube;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;
import silentotter.core.twin.CylinderGeometry;

/** Turns readings of crankcase pressure into flow and says what they mean. */
public final class BlowbyAnalyst {
    static final double NINETY_FIVE = 1.96;
    /** Of crankcase gas where nobody measured it: warm, and good to some thirty degrees. */
    public static final Temperature USUAL_GAS = Temperature.ofCelsius(60);

    private static final double GAS_SHARE = 0.045;
    /** Of a discharge coefficient that was told, and of a sharp edge that is taken for granted. */
    private static final double EDGE_SHARE = 0.02;

    private static final double ASSUMED_EDGE_SHARE = 0.05;
    /** What an opening that nobody saw lets past the orifice, at most, and what is left of that with all of them shut. */
    private static final double UNSEEN_PORT = 0.3;

    private static final double SEALED_PORT = 0.05;
    /** From this share of rated speed on a load is near rated load. */
    private static final double NEAR_RATED = 0.85;
    /** Air breathed over displacement at full load. */
    private static final Estimate<Double> FILLING = new Estimate<>(0.75, 0.85, 0.95);

    private static final Estimate<Double> BOOSTED = new Estimate<>(1.2, 1.7, 2.4);

    private final Engine engine;
    private final List<BlowbyReading> counting;

    BlowbyAnalyst(Engine engine, List<BlowbyReading> readings) {
        this.engine = engine;
        this.counting = readings.stream()
                .filter(BlowbyReading::counts)
                .sorted(Comparator.comparingInt(BlowbyReading::number))
                .toList();
    }

    List<PointResult> points(List<GaugeCheck> checks) {
        return places().flatMap(place -> {
                    List<BlowbyReading> here = at(place);
                    return here.isEmpty() ? Stream.empty() : Stream.of(result(here, checks));
                })
                .toList();
    }

    List<GaugeCheck> checks() {
        return places().flatMap(place -> GaugeCheck.of(at(place)).stream()).toList();
    }

    private record At(BlowbyPoint point, CrankcaseVent ventilation) {}

    private static Stream<At> places() {
        return Arrays.stream(BlowbyPoint.values())
                .flatMap(p -> Arrays.stream(CrankcaseVent.values()).map(v -> new At(p, v)));
    }

    private List<BlowbyReading> at(At place) {
        return counting.stream()
                .filter(r -> r.point() == place.point() && r.ventilation() == place.ventilation())
                .toList();
    }

    private PointResult result(List<BlowbyReading> here, List<GaugeCheck> checks) {
        BlowbyReading one = here.get(0);
        Optional<GaugeCheck> check = checks.stream()
                .filter(c -> c.point() == one.point() && c.ventilation() == one.ventilation() && !c.agree())
                .findFirst();
        // A reading that a slip explains does not count until it is mended; the other instrument speaks alone.
        List<BlowbyReading> spoken = check.flatMap(GaugeCheck::spoiled)
                .map(s -> here.stream().filter(r -> r.instrument() != s).toList())
                .orElse(here);
        List<BlowbyReading> used = one.point().isSteady()
                ? spoken
                : List.of(spoken.stream()
                        .max(Comparator.comparing(BlowbyReading::pressure))
                        .orElseThrow());
        double best =
                used.stream().mapToDouble(r -> r.pressure().pa()).average().orElseThrow();
        double lowest =
                spoken.stream().mapToDouble(r -> r.pressure().pa()).min().orElseThrow();
        double highest =
                spoken.stream().mapToDouble(r -> r.pressure().pa()).max().orElseThrow();
        double read = used.stream().mapToDouble(r -> r.sigma().pa()).max().orElseThrow() / Math.sqrt(used.size());
        double apart = used.size() < 2 ? 0 : (highest - lowest) / 2 / Math.sqrt(used.size());
        double sigma = Math.hypot(read, apart);
        Estimate<Double> pressure = new Estimate<>(best - NINETY_FIVE * sigma, best, best + NINETY_FIVE * sigma);
        BlowbyReading last = used.get(used.size() - 1);
        Optional<Estimate<Double>> flow = last.orifice().filter(o -> best > 0).map(o -> flow(o, last, pressure, used));
        Optional<CrankSpeed> speed =
                used.stream().flatMap(r -> r.speed().stream()).reduce((a, b) -> b);
        Optional<String> noShare =
                last.ventilation() == CrankcaseVent.SHUT ? noShare(one.point(), speed) : Optional.empty();
        return new PointResult(
                one.point(),
                one.ventilation(),
                speed,
                pressure,
                best / SlackTube.INCH_OF_WATER_PA,
                spoken.size(),
                highest - lowest,
                highest,
                used.stream().anyMatch(BlowbyReading::pulsing),
                flow,
                flow.map(f -> f.best() / engine.arrangement().count()),
                flow.flatMap(f -> displacementLitres().map(l -> f.best() / l)),
                noShare.isPresent() ? Optional.empty() : flow.flatMap(f -> share(f, speed)),
                noShare,
                check.isPresent());
    }

    private static Estimate<Double> flow(
            BreatherOrifice orifice, BlowbyReading reading, Estimate<Double> pressure, List<BlowbyReading> used) {
        Temperature gas = reading.gas().orElse(USUAL_GAS);
        double own = Math.hypot(
                reading.gas().isPresent() ? 0 : GAS_SHARE, reading.edgeKnown() ? EDGE_SHARE : ASSUMED_EDGE_SHARE);
        double missed = used.stream().allMatch(BlowbyReading::sealed) ? SEALED_PORT : UNSEEN_PORT;
        double low = orifice.litresPerMinute(Pressure.ofPa(Math.max(0, pressure.low())), gas) * (1 - NINETY_FIVE * own);
        double best = orifice.litresPerMinute(Pressure.ofPa(pressure.best()), gas);
        double high = orifice.litresPerMinute(Pressure.ofPa(pressure.high()), gas) * (1 + NINETY_FIVE * own);
        return new Estimate<>(low, best, high / (1 - missed));
    }

    private Optional<String> noShare(BlowbyPoint point, Optional<CrankSpeed> speed) {
        if (point != BlowbyPoint.LOADED) {
            return Optional.of(
                    "A share of the air is told near rated load only: here a sound engine breathes little and shows far more"
                            + " than its share.");
        }
        if (displacementLitres().isEmpty()) {
            return Optional.of("Bore and stroke are needed for the share of the air: enter them at Intake.");
        }
        if (speed.isEmpty()) {
            return Optional.of("The speed is needed for the share of the air: type it with the reading.");
        }
        Optional<Double> rated = engine.traits().ratedRpm();
        return rated.filter(r -> speed.get().rpm() < NEAR_RATED * r)
                .map(r -> "That was " + Math.round(100 * speed.get().rpm() / r)
                        + " % of rated speed: the share of the air is told from "
                        + Math.round(100 * NEAR_RATED) + " % on.");
    }

    private Optional<Estimate<Double>> share(Estimate<Double> flow, Optional<CrankSpeed> speed) {
        Estimate<Double> filling = engine.isBoosted() ? BOOSTED : FILLING;
        return displacementLitres()
                .flatMap(litres -> speed.map(s -> {
                    double swept = litres * s.rpm() / 2;
                    return new Estimate<>(
                            100 * flow.low() / (swept * filling.high()),
                            100 * flow.best() / (swept * filling.best()),
                            100 * flow.high() / (swept * filling.low()));
                }));
    }

    /** Of all cylinders together; empty without bore and stroke. */
    private Optional<Double> displacementLitres() {
        return geometry().map(g -> g.swept().litres() * engine.arrangement().count());
    }

    Optional<CylinderGeometry> geometry() {
        return engine.size().geometry(engine.assumedRatio());
    }

    /** The first orifice reading of a point, for what belongs to its adapter. */
    Optional<BlowbyReading> through(BlowbyPoint point) {
        return counting.stream()
                .filter(r -> r.point() == point && r.orifice().isPresent())
                .findFirst();
    }
}
