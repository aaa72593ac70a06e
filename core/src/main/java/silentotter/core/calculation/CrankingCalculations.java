package silentotter.core.calculation;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.jspecify.annotations.Nullable;
import silentotter.core.flow.Atmosphere;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.plugs.GapGrowth;
import silentotter.core.plugs.PlugSet.PlugMake;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;
import silentotter.core.quantity.Volume;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.CrankingTwin;
import silentotter.core.twin.CylinderGeometry;
import silentotter.core.twin.WetArtefact;

/** Cranking compression, the wet test, altitude and plug gaps without a job: plain numbers in, plain numbers out. */
public final class CrankingCalculations {
    private CrankingCalculations() {}

    /** What both calculations take of an engine and of how it was cranked; what may be missing has a usual value. */
    private interface Cranked {
        Double boreMm();

        Double strokeMm();

        @Nullable
        Double rodMm();

        Double compressionRatio();

        @Nullable
        Double intakeClosingDeg();

        @Nullable
        Double crankingRpm();

        @Nullable
        Integer strokes();

        @Nullable
        Double ambientKPa();

        @Nullable
        Double temperatureC();

        @Nullable
        Double wallTemperatureC();

        @Nullable
        Double hoseVolumeMl();

        @Nullable
        Double gaugeVolumeMl();

        @Nullable
        Double intakeFactor();
    }

    public record CrankingIn(
            Double boreMm,
            Double strokeMm,
            @Nullable Double rodMm,
            Double compressionRatio,
            @Nullable Double intakeClosingDeg,
            @Nullable Double crankingRpm,
            Double leakAreaMm2,
            @Nullable Integer strokes,
            @Nullable Double ambientKPa,
            @Nullable Double temperatureC,
            @Nullable Double wallTemperatureC,
            @Nullable Double hoseVolumeMl,
            @Nullable Double gaugeVolumeMl,
            @Nullable Double intakeFactor)
            implements Cranked {}

    public record CrankingOut(List<Double> strokesKPa) {}

    public record WetIn(
            Double boreMm,
            Double strokeMm,
            @Nullable Double rodMm,
            Double compressionRatio,
            @Nullable Double intakeClosingDeg,
            @Nullable Double crankingRpm,
            @Nullable Integer strokes,
            @Nullable Double ambientKPa,
            @Nullable Double temperatureC,
            @Nullable Double wallTemperatureC,
            @Nullable Double hoseVolumeMl,
            @Nullable Double gaugeVolumeMl,
            @Nullable Double intakeFactor,
            Double dryKPa,
            Double wetKPa,
            Double oilMl)
            implements Cranked {}

    /**
     * @param expectedArtefactPercent for a sound cylinder that keeps all the oil on its crown
     * @param netRisePercent measured less expected
     */
    public record WetOut(
            double expectedArtefactPercent,
            double measuredRisePercent,
            double netRisePercent,
            double clearanceMl,
            double safeOilMl) {}

    public record AltitudeIn(
            @Nullable Double altitudeM, @Nullable Double ambientKPa, Double readingKPa) {}

    public record AltitudeOut(double ambientKPa, double seaLevelReadingKPa) {}

    public static CrankingOut crankingCompression(CrankingIn in) {
        Problems problems = new Problems();
        Optional<LeakArea> leak =
                problems.required("leakAreaMm2", in.leakAreaMm2(), AllowedRange.LEAK_AREA, LeakArea::ofSquareMm);
        CrankingSetup setup = setup(problems, in);
        return new CrankingOut(CrankingTwin.run(setup.withLeakArea(leak.orElseThrow())).stream()
                .map(Pressure::kPa)
                .toList());
    }

    public static WetOut wetTest(WetIn in) {
        Problems problems = new Problems();
        Optional<Double> dry = problems.required("dryKPa", in.dryKPa(), AllowedRange.READING, v -> v);
        Optional<Double> wet = problems.required("wetKPa", in.wetKPa(), AllowedRange.READING, v -> v);
        Optional<Volume> oil = problems.required("oilMl", in.oilMl(), AllowedRange.OIL_DOSE, Volume::ofMillilitres);
        dry.filter(d -> d == 0)
                .ifPresent(d -> problems.add(FieldProblem.of("dryKPa", "must be above 0", "above 0 kPa")));
        CrankingSetup setup = setup(problems, in);
        CylinderGeometry geometry = setup.geometry();
        Volume safe = WetArtefact.safeOil(geometry);
        if (oil.orElseThrow().compareTo(safe) > 0) {
            String allowed = "0 to " + Math.floor(safe.millilitres() * 10) / 10 + " mL";
            problems.add(FieldProblem.of(
                    "oilMl", "is over a quarter of the clearance volume: the engine could lock", allowed));
        }
        problems.throwIfAny();
        double artefact = WetArtefact.risePercent(setup, CrankingSetup.soundLeak(geometry), oil.orElseThrow());
        double rise = 100 * (wet.orElseThrow() / dry.orElseThrow() - 1);
        return new WetOut(artefact, rise, rise - artefact, geometry.clearance().millilitres(), safe.millilitres());
    }

    public record PlugGapIn(Double gapMm, Double newGapMm, Double distanceKm) {}

    public record PlugGapOut(double growthMmPer1000Km, double timesOrdinary) {}

    /** Growth of a plug gap, against what is ordinary for plain electrodes. */
    public static PlugGapOut plugGap(PlugGapIn in) {
        Problems problems = new Problems();
        Optional<Double> gap = problems.required("gapMm", in.gapMm(), AllowedRange.GAP, v -> v);
        Optional<Double> fresh = problems.required("newGapMm", in.newGapMm(), AllowedRange.NEW_GAP, v -> v);
        Optional<Double> distance = problems.required("distanceKm", in.distanceKm(), AllowedRange.DISTANCE, v -> v);
        distance.filter(d -> d == 0)
                .ifPresent(d -> problems.add(FieldProblem.of("distanceKm", "must be above 0", "above 0 km")));
        problems.throwIfAny();
        GapGrowth growth = GapGrowth.of(gap.orElseThrow(), fresh.orElseThrow(), distance.orElseThrow(), PlugMake.PLAIN);
        return new PlugGapOut(growth.mmPer1000Km(), growth.timesOrdinary());
    }

    public static AltitudeOut altitude(AltitudeIn in) {
        Problems problems = new Problems();
        if ((in.altitudeM() == null) == (in.ambientKPa() == null)) {
            problems.add(FieldProblem.of(
                    "altitudeM", "give either altitudeM or ambientKPa", AllowedRange.ALTITUDE.inWords()));
        }
        Optional<Pressure> ambient = problems.optional(
                        "altitudeM", in.altitudeM(), AllowedRange.ALTITUDE, Atmosphere::pressureAt)
                .or(() -> problems.optional("ambientKPa", in.ambientKPa(), AllowedRange.AMBIENT, Pressure::ofKPa));
        Optional<Pressure> reading =
                problems.required("readingKPa", in.readingKPa(), AllowedRange.READING, Pressure::ofKPa);
        problems.throwIfAny();
        return new AltitudeOut(
                ambient.orElseThrow().kPa(),
                Atmosphere.seaLevelReading(reading.orElseThrow(), ambient.orElseThrow())
                        .kPa());
    }

    /** @throws silentotter.core.input.InvalidInput with these problems and those found before */
    private static CrankingSetup setup(Problems problems, Cranked in) {
        Optional<Length> bore = problems.required("boreMm", in.boreMm(), AllowedRange.BORE, Length::ofMm);
        Optional<Length> stroke = problems.required("strokeMm", in.strokeMm(), AllowedRange.STROKE, Length::ofMm);
        Optional<Double> ratio =
                problems.required("compressionRatio", in.compressionRatio(), AllowedRange.COMPRESSION_RATIO, v -> v);
        Optional<Length> rod = problems.optional("rodMm", in.rodMm(), AllowedRange.ROD, Length::ofMm);
        double closing = or(
                problems,
                "intakeClosingDeg",
                in.intakeClosingDeg(),
                AllowedRange.INTAKE_CLOSING,
                CrankingSetup.USUAL_INTAKE_CLOSING_DEG);
        CrankSpeed speed = or(
                problems,
                "crankingRpm",
                in.crankingRpm(),
                AllowedRange.CRANKING_SPEED,
                CrankSpeed::ofRpm,
                CrankingSetup.USUAL_SPEED);
        double strokes = or(
                problems,
                "strokes",
                Objects.isNull(in.strokes()) ? null : (double) in.strokes(),
                AllowedRange.STROKES,
                CrankingSetup.USUAL_STROKES);
        Pressure ambient = or(
                problems,
                "ambientKPa",
                in.ambientKPa(),
                AllowedRange.AMBIENT,
                Pressure::ofKPa,
                Pressure.STANDARD_ATMOSPHERE);
        Temperature air = or(
                problems,
                "temperatureC",
                in.temperatureC(),
                AllowedRange.TEMPERATURE,
                Temperature::ofCelsius,
                CrankingSetup.USUAL_AIR);
        Temperature walls = or(
                problems,
                "wallTemperatureC",
                in.wallTemperatureC(),
                AllowedRange.WALL_TEMPERATURE,
                Temperature::ofCelsius,
                CrankingSetup.WARM_WALLS);
        Volume hose = or(
                problems,
                "hoseVolumeMl",
                in.hoseVolumeMl(),
                AllowedRange.HOSE_VOLUME,
                Volume::ofMillilitres,
                CrankingSetup.USUAL_HOSE);
        Volume gauge = or(
                problems,
                "gaugeVolumeMl",
                in.gaugeVolumeMl(),
                AllowedRange.GAUGE_VOLUME,
                Volume::ofMillilitres,
                CrankingSetup.USUAL_GAUGE);
        double factor = or(problems, "intakeFactor", in.intakeFactor(), AllowedRange.INTAKE_FACTOR, 1);
        problems.throwIfAny();
        Optional<CylinderGeometry> geometry = problems.attempt(
                "rodMm",
                () -> rod.map(r ->
                                new CylinderGeometry(bore.orElseThrow(), stroke.orElseThrow(), r, ratio.orElseThrow()))
                        .orElseGet(() ->
                                CylinderGeometry.of(bore.orElseThrow(), stroke.orElseThrow(), ratio.orElseThrow())));
        problems.throwIfAny();
        return CrankingSetup.usual(geometry.orElseThrow())
                .withIntakeClosing(closing)
                .withSpeed(speed)
                .withStrokes((int) strokes)
                .withAir(ambient, air)
                .withWalls(walls)
                .withIntakeFactor(factor)
                .withGauge(hose, gauge);
    }

    private static double or(Problems problems, String field, Double value, AllowedRange range, double otherwise) {
        return problems.optional(field, value, range, v -> v).orElse(otherwise);
    }

    private static <Q> Q or(
            Problems problems, String field, Double value, AllowedRange range, DoubleFunction<Q> make, Q otherwise) {
        return problems.optional(field, value, range, make).orElse(otherwise);
    }
}
