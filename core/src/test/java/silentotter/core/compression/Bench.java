package silentotter.core.compression;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import silentotter.core.compression.Conditions.EngineTemperature;
import silentotter.core.compression.Conditions.PlugsOut;
import silentotter.core.compression.Conditions.Throttle;
import silentotter.core.compression.CrankingLength.LengthKind;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.engine.Arrangement;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.engine.EngineEnd;
import silentotter.core.engine.FiringOrder;
import silentotter.core.engine.Layout;
import silentotter.core.engine.MakerLimits;
import silentotter.core.engine.OilData;
import silentotter.core.engine.Size;
import silentotter.core.engine.SourcedLimit;
import silentotter.core.engine.Traits;
import silentotter.core.engine.Traits.Fuel;
import silentotter.core.engine.UsualEngines;
import silentotter.core.finding.Shop;
import silentotter.core.instruments.CompressionGauge;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.interpretation.Interpreter;
import silentotter.core.job.Ambient;
import silentotter.core.job.Job;
import silentotter.core.job.JobRecord;
import silentotter.core.job.Observation;
import silentotter.core.leakdown.LeakdownAnalysis;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Volume;

/** A bench to take readings at in tests: an engine, a gauge, and passes typed as somebody would. */
public final class Bench {
    private final Map<CylinderNumber, String> labels = new HashMap<>();
    private Arrangement arrangement;
    private Traits traits = Traits.UNKNOWN;
    private Size size = new Size(
            Optional.of(Length.ofMm(86)),
            Optional.of(Length.ofMm(86)),
            Optional.empty(),
            Optional.of(10.0),
            Optional.empty());
    private Optional<FiringOrder> firing = Optional.empty();
    private MakerLimits limits = MakerLimits.UNKNOWN;
    private Ambient ambient = Ambient.UNKNOWN;
    private Conditions conditions = conditions(EngineTemperature.HOT, Throttle.WIDE_OPEN, 220.0, LengthKind.STROKES, 8);
    private final List<CompressionPass> passes = new ArrayList<>();

    private Bench(Arrangement arrangement) {
        this.arrangement = arrangement;
    }

    public static Bench inline(int cylinders) {
        return new Bench(UsualEngines.arrangements(Layout.INLINE, cylinders, EngineEnd.FREE)
                .get(0));
    }

    static Bench of(Layout layout, int cylinders) {
        return new Bench(
                UsualEngines.arrangements(layout, cylinders, EngineEnd.FREE).get(0));
    }

    public static Conditions conditions(
            EngineTemperature temperature, Throttle throttle, Double rpm, LengthKind kind, double amount) {
        return new Conditions(
                Optional.of(temperature),
                Optional.of(throttle),
                Optional.of(PlugsOut.ALL),
                Optional.ofNullable(rpm).map(CrankSpeed::ofRpm),
                Optional.empty(),
                Optional.of(new CrankingLength(kind, amount)),
                new CompressionGauge(
                        Optional.of(Pressure.ofKPa(2000)),
                        Optional.of(Pressure.ofKPa(10)),
                        Optional.empty(),
                        Optional.empty()),
                Optional.of(true),
                Optional.of(true),
                Optional.empty());
    }

    public Bench diesel() {
        traits = new Traits(
                Optional.empty(),
                Optional.empty(),
                Optional.of(Fuel.DIESEL),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return this;
    }

    /** The shop calls a cylinder by a name of its own. */
    public Bench labelled(int cylinder, String label) {
        labels.put(CylinderNumber.of(cylinder), label);
        return this;
    }

    public Bench firing(int... order) {
        firing = Optional.of(FiringOrder.of(order));
        return this;
    }

    public Bench twoStroke() {
        traits = new Traits(
                Optional.of(Cycle.TWO_STROKE),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return this;
    }

    public Bench withRelease() {
        traits = new Traits(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(true),
                Optional.empty(),
                Optional.empty());
        return this;
    }

    public Bench unknownSize() {
        size = Size.UNKNOWN;
        return this;
    }

    Bench makersMinimum(double kPa) {
        limits = new MakerLimits(
                Optional.empty(),
                Optional.of(new SourcedLimit<>(Pressure.ofKPa(kPa), "owner", false)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return this;
    }

    public Bench altitude(double metres) {
        ambient = new Ambient(Optional.empty(), Optional.of(metres), Optional.empty());
        return this;
    }

    public Bench under(Conditions changed) {
        conditions = changed;
        return this;
    }

    /** One final value for each cylinder by number. */
    public Bench dry(double... finals) {
        List<CompressionReading> readings = new ArrayList<>();
        for (int i = 0; i < finals.length; i++) {
            readings.add(reading(i + 1, i + 1, true, 0, finals[i]));
        }
        passes.add(new CompressionPass(PassKind.DRY, conditions, readings));
        return this;
    }

    Bench dry(CompressionReading... readings) {
        passes.add(new CompressionPass(PassKind.DRY, conditions, Arrays.asList(readings)));
        return this;
    }

    /** Final values after oil: cylinder, oil in mL, reading. */
    public Bench wet(double[]... readings) {
        List<CompressionReading> list = new ArrayList<>();
        for (double[] r : readings) {
            list.add(reading(list.size() + 1, (int) r[0], true, r[1], r[2]));
        }
        passes.add(new CompressionPass(PassKind.WET, conditions, list));
        return this;
    }

    static CompressionReading reading(int order, int cylinder, boolean finalOnly, double oilMl, double... strokes) {
        return new CompressionReading(
                CylinderNumber.of(cylinder),
                order,
                Arrays.stream(strokes).mapToObj(Pressure::ofKPa).toList(),
                finalOnly,
                oilMl > 0 ? Optional.of(Volume.ofMillilitres(oilMl)) : Optional.empty(),
                Optional.empty(),
                Instant.EPOCH);
    }

    public Engine engine() {
        return new Engine(
                "Tarn",
                arrangement,
                Map.copyOf(labels),
                firing,
                Optional.empty(),
                traits,
                size,
                limits,
                OilData.UNKNOWN);
    }

    public CompressionAnalysis analyse() {
        return interpret().compression();
    }

    /** The readings so far and whatever else was observed. */
    public JobRecord record(Observation... more) {
        Job job = new Job(LocalDate.EPOCH, Optional.empty(), Optional.empty(), "", "", "", "", ambient);
        return new JobRecord(
                engine(), job, Stream.concat(passes.stream(), Stream.of(more)).toList());
    }

    public Interpretation interpret(Observation... more) {
        return Interpreter.interpret(record(more), Shop.USUAL);
    }

    public Diagnosis diagnose(Observation... more) {
        return interpret(more).diagnosis();
    }

    public LeakdownAnalysis leakdown(LeakdownReading... readings) {
        return interpret(readings).leakdown();
    }
}
