package silentotter.core.blowby;

import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import silentotter.core.blowby.BlowbyReading.Bores;
import silentotter.core.engine.Engine;
import silentotter.core.flow.BreatherOrifice;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.instruments.SlackTube;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;

/** The one place that says what is wrong with a reading of crankcase pressure, however it comes in, and makes one of it. */
public final class BlowbyReader {
    public static final int LONGEST_NAME = 80;
    /** One level read by eye against a scale, one standard deviation. */
    private static final double LEVEL_SIGMA_MM = 0.7;
    /** Of a level that dances, as a share of what it stands at. */
    private static final double PULSING_SHARE = 0.1;
    /** Of any pressure instrument of a shop, as a share of what it says. */
    private static final double GAUGE_SHARE = 0.01;

    private final BlowbyDocument d;
    private final Problems problems;
    private final String path;

    private BlowbyReader(BlowbyDocument d, Problems problems, String path) {
        this.d = d;
        this.problems = problems;
        this.path = path;
    }

    /** Empty when problems were added. */
    public static Optional<BlowbyReading> read(
            int number, BlowbyDocument d, @Nullable String setAside, Problems problems, String path) {
        int before = problems.all().size();
        Optional<BlowbyReading> reading = new BlowbyReader(d, problems, path).reading(number, setAside);
        return problems.all().size() > before ? Optional.empty() : reading;
    }

    /** Why a reading that was taken does not count on this engine as it is now known; empty when it does. */
    public static Optional<String> doesNotFit(Engine engine, BlowbyDocument d) {
        return Pumping.refusal(engine, d);
    }

    private Optional<BlowbyReading> reading(int number, @Nullable String setAside) {
        Stream.of("point", "ventilation", "instrument")
                .filter(this::isMissing)
                .forEach(f -> problems.add(path + f, "is missing"));
        problems.text(path + "adapter", d.adapter(), LONGEST_NAME);
        problems.text(path + "gauge", d.gauge(), LONGEST_NAME);
        if (d.point() == BlowbyPoint.AS_FOUND && d.ventilation() == CrankcaseVent.SHUT) {
            problems.add(FieldProblem.of(path + "ventilation", "as found is with the ventilation working", "AS_FOUND"));
        }
        Optional<CrankSpeed> speed =
                problems.optional(path + "rpm", d.rpm(), AllowedRange.RATED_SPEED, CrankSpeed::ofRpm);
        Optional<Length> hole =
                problems.optional(path + "orificeMm", d.orificeMm(), AllowedRange.BREATHER_ORIFICE, Length::ofMm);
        double edge = problems.optional(
                        path + "dischargeCoefficient", d.dischargeCoefficient(), AllowedRange.DISCHARGE, v -> v)
                .orElse(BreatherOrifice.SHARP_EDGE);
        Optional<Temperature> gas = problems.optional(
                path + "gasTemperatureC", d.gasTemperatureC(), AllowedRange.WALL_TEMPERATURE, Temperature::ofCelsius);
        problems.optional(path + "resolutionPa", d.resolutionPa(), AllowedRange.GAUGE_RESOLUTION, v -> v);
        Optional<Bores> meantFor = meantFor();
        Optional<Pressure> pressure = pressure();
        if (d.instrument() == null || pressure.isEmpty()) {
            return Optional.empty();
        }
        return pressure.map(p -> new BlowbyReading(
                number,
                d.point(),
                d.ventilation(),
                speed,
                d.instrument(),
                Objects.requireNonNullElse(d.tube(), TubeKind.U),
                p,
                sigma(p),
                d.ventilation() == CrankcaseVent.SHUT ? hole.map(h -> new BreatherOrifice(h, edge)) : Optional.empty(),
                d.dischargeCoefficient() != null,
                meantFor,
                gas,
                Boolean.TRUE.equals(d.pulsing()),
                d.oneLegMm() != null,
                d.checks(),
                Optional.ofNullable(setAside)));
    }

    private boolean isMissing(String field) {
        return switch (field) {
            case "point" -> d.point() == null;
            case "ventilation" -> d.ventilation() == null;
            default -> d.instrument() == null;
        };
    }

    private Optional<Bores> meantFor() {
        Optional<Length> from =
                problems.optional(path + "orificeFromMm", d.orificeFromMm(), AllowedRange.BORE, Length::ofMm);
        Optional<Length> to = problems.optional(path + "orificeToMm", d.orificeToMm(), AllowedRange.BORE, Length::ofMm);
        if (from.isPresent() && to.isPresent() && from.get().mm() > to.get().mm()) {
            problems.add(path + "orificeToMm", "is smaller than the bore it begins with");
        }
        return from.flatMap(f -> to.map(t -> new Bores(f, t)));
    }

    private Optional<Pressure> pressure() {
        // Of a digital gauge they say nothing, and a file has to hold them all the same.
        if (d.legsMm() != null && !areTwoLegs()) {
            problems.add(FieldProblem.of(path + "legsMm", "needs two numbers", "what rose, and what fell"));
            return Optional.empty();
        }
        return d.instrument() == CrankcaseGauge.DIGITAL
                ? problems.required(path + "pressurePa", d.pressurePa(), AllowedRange.BLOWBY_PRESSURE, Pressure::ofPa)
                : height().flatMap(this::ofTube);
    }

    private Optional<Pressure> ofTube(double heightMm) {
        double density = problems.optional(path + "fluidDensity", d.fluidDensity(), AllowedRange.FLUID_DENSITY, v -> v)
                .orElse(SlackTube.WATER.fluidDensity());
        Pressure pressure = new SlackTube(density).between(Length.ofMm(1)).times(heightMm);
        Optional<FieldProblem> problem = AllowedRange.BLOWBY_PRESSURE.problemWith(path + heightField(), pressure.pa());
        problem.ifPresent(problems::add);
        return problem.isEmpty() ? Optional.of(pressure) : Optional.empty();
    }

    private String heightField() {
        return d.legsMm() != null ? "legsMm" : d.oneLegMm() != null ? "oneLegMm" : "heightMm";
    }

    /** The full height between the levels, mm upright. */
    private Optional<Double> height() {
        long ways = Stream.of(d.legsMm(), d.oneLegMm(), d.heightMm())
                .filter(Objects::nonNull)
                .count();
        if (ways != 1) {
            problems.add(FieldProblem.of(
                    path + "legsMm", "give both legs, one leg, or the height between the levels", "one of the three"));
            return Optional.empty();
        }
        if (d.heightMm() == null && d.tube() != null && d.tube() != TubeKind.U) {
            problems.add(path + heightField(), "has one level only: such a tube is read direct, as a height");
            return Optional.empty();
        }
        if (d.legsMm() != null) {
            return legs();
        }
        if (d.oneLegMm() != null) {
            return problems.required(path + "oneLegMm", d.oneLegMm(), AllowedRange.ONE_LEG, v -> 2 * v);
        }
        Optional<Double> height = problems.required(path + "heightMm", d.heightMm(), AllowedRange.TUBE_HEIGHT, v -> v);
        return d.tube() == TubeKind.INCLINED
                ? problems.required(path + "inclineDeg", d.inclineDeg(), AllowedRange.INCLINE, v -> v)
                        .flatMap(deg -> height.map(h -> h * Math.sin(Math.toRadians(deg))))
                : height;
    }

    private boolean areTwoLegs() {
        return d.legsMm().size() == 2 && d.legsMm().stream().noneMatch(Objects::isNull);
    }

    private Optional<Double> legs() {
        Optional<Double> up = problems.required(path + "legsMm[0]", d.legsMm().get(0), AllowedRange.LEG, v -> v);
        Optional<Double> down = problems.required(path + "legsMm[1]", d.legsMm().get(1), AllowedRange.LEG, v -> v);
        return up.flatMap(u -> down.map(v -> u + v));
    }

    private Pressure sigma(Pressure p) {
        double ofOneMm = new SlackTube(Objects.requireNonNullElse(d.fluidDensity(), SlackTube.WATER.fluidDensity()))
                .between(Length.ofMm(1))
                .pa();
        double read = d.instrument() == CrankcaseGauge.DIGITAL
                ? Math.max(1, Objects.requireNonNullElse(d.resolutionPa(), 0.0)) / 2
                : ofOneMm * LEVEL_SIGMA_MM * (d.oneLegMm() != null ? 2 : Math.sqrt(2));
        double share = Boolean.TRUE.equals(d.pulsing()) ? PULSING_SHARE : GAUGE_SHARE;
        return Pressure.ofPa(Math.hypot(read, share * p.pa()));
    }
}
