package silentotter.core.hidden;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import silentotter.core.compression.Conditions;
import silentotter.core.compression.Conditions.EngineTemperature;
import silentotter.core.compression.Conditions.PlugsOut;
import silentotter.core.compression.Conditions.Throttle;
import silentotter.core.compression.CrankingConditions;
import silentotter.core.compression.CrankingLength;
import silentotter.core.compression.CrankingLength.LengthKind;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.Engine;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.Fault;
import silentotter.core.flow.TwoHoles;
import silentotter.core.instruments.CompressionGauge;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.instruments.LeakdownTester.TesterKind;
import silentotter.core.job.Ambient;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;
import silentotter.core.quantity.Volume;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.CrankingTwin;
import silentotter.core.twin.CylinderGeometry;

/** An engine whose faults nobody is told, with everything that decides what a test of it reads. The same seed, the same engine. */
final class HiddenEngine {
    private static final double SOUND_MEDIAN = .28;
    private static final double BORE_MM = 90;
    /** What it is cranked at where nobody has looked. */
    private static final double USUAL_RPM = 220;

    private final long seed;
    private final Engine engine;
    private final Equipment equipment;
    private final EngineKind kind;
    private final List<HiddenFault> faults;
    private final boolean calibrated;
    private final Nature nature;
    private final boolean hot;
    private final double sound;
    private final double[] rings;
    private final Optional<Double> rpm;

    private HiddenEngine(
            long seed, Draw d, Engine engine, EngineKind kind, List<HiddenFault> faults, Equipment equipment) {
        this.seed = seed;
        this.equipment = equipment;
        this.engine = engine;
        this.kind = kind;
        this.faults = List.copyOf(faults);
        calibrated = d.chance(.4);
        nature = Nature.of(d, kind, calibrated);
        hot = d.chance(.75);
        sound = size(Fault.EVEN_WEAR).orElse(d.about(SOUND_MEDIAN, .35));
        rings = IntStream.range(0, engine.arrangement().count())
                .mapToDouble(c -> sound * d.about(1, .22))
                .toArray();
        rpm = d.chance(.65) ? Optional.of(d.between(150, 300)) : Optional.empty();
    }

    /** Engine and faults drawn as they come to a workshop. @param cylinders of a petrol four-stroke; drawn where empty */
    static HiddenEngine drawn(long seed, Draw d, OptionalInt cylinders) {
        Engine engine = EngineMaker.engine(d, cylinders);
        EngineKind kind = kind(engine);
        return new HiddenEngine(seed, d, engine, kind, EngineMaker.faults(d, engine, kind), Equipment.HONEST);
    }

    /** A given engine with given faults; how it and its testers are by nature is drawn. */
    static HiddenEngine of(long seed, Draw d, Engine engine, List<HiddenFault> faults, Equipment equipment) {
        return new HiddenEngine(seed, d, engine, kind(engine), faults, equipment);
    }

    static EngineKind kind(Engine engine) {
        if (engine.cycle() == Cycle.TWO_STROKE) {
            return EngineKind.TWO_STROKE;
        }
        return engine.isDiesel() ? EngineKind.DIESEL : EngineKind.PETROL;
    }

    Engine engine() {
        return engine;
    }

    EngineKind kind() {
        return kind;
    }

    List<HiddenFault> faults() {
        return faults;
    }

    Equipment equipment() {
        return equipment;
    }

    Nature nature() {
        return nature;
    }

    boolean isHot() {
        return hot;
    }

    int cylinders() {
        return engine.arrangement().count();
    }

    /** Of its bore over that which leak areas are said for. */
    double scale() {
        return engine.size().bore().orElseThrow().mm() / BORE_MM;
    }

    Optional<Double> size(Fault fault) {
        return faults.stream()
                .filter(f -> f.fault() == fault)
                .map(HiddenFault::size)
                .findFirst();
    }

    double at(Fault fault, int cylinder) {
        return faults.stream()
                .filter(f -> f.fault() == fault && f.at(cylinder))
                .mapToDouble(HiddenFault::size)
                .sum();
    }

    /** At rest, mm² at 90 mm bore. */
    double ringLeak(int c) {
        return rings[c - 1] + at(Fault.RING_SEAL, c) + at(Fault.BROKEN, c);
    }

    /** Of everything but rings, at rest, mm² at 90 mm bore. */
    double otherLeak(int c) {
        return at(Fault.EXHAUST_VALVE, c)
                + at(Fault.INTAKE_VALVE, c)
                + at(Fault.VALVE_HELD, c)
                + at(Fault.COOLANT_ENTRY, c)
                + at(Fault.GASKET_BETWEEN, c);
    }

    /** Whether a valve that is held open is an exhaust valve. */
    boolean holdsAnExhaustValve(int c) {
        return new Draw(seed * 17 + c).chance(.6);
    }

    // ---- cranking

    /** As they are written down. */
    Conditions conditions() {
        return new Conditions(
                Optional.of(hot ? EngineTemperature.HOT : EngineTemperature.COLD),
                Optional.of(kind == EngineKind.DIESEL ? Throttle.NONE : Throttle.WIDE_OPEN),
                Optional.of(PlugsOut.ALL),
                rpm.map(CrankSpeed::ofRpm),
                Optional.empty(),
                Optional.of(new CrankingLength(LengthKind.STROKES, 6)),
                new CompressionGauge(
                        Optional.of(Pressure.ofKPa(kind == EngineKind.DIESEL ? 7000 : 2500)),
                        Optional.of(Pressure.ofKPa(kind == EngineKind.DIESEL ? 50 : 20)),
                        Optional.empty(),
                        Optional.empty()),
                Optional.of(true),
                Optional.of(true),
                Optional.empty());
    }

    /** As it is really cranked. */
    CrankingSetup setup(Draw d) {
        CylinderGeometry geometry =
                engine.size().geometry(engine.assumedRatio()).orElseThrow();
        CrankingSetup usual = CrankingConditions.setup(engine, geometry, Ambient.UNKNOWN, conditions());
        return usual.withIntakeClosing(usual.intakeClosingDeg() + nature.closing())
                .withSpeed(
                        CrankSpeed.ofRpm(rpm.orElse(USUAL_RPM) * (rpm.isPresent() ? d.about(1, .05) : d.about(1, .25))))
                .withWalls(Temperature.ofKelvin(usual.wallTemperature().kelvin() + nature.wallC() - 15))
                .withGauge(Volume.ofMillilitres(nature.hose()), Volume.ofMillilitres(nature.gauge()));
    }

    /** Share of what a sound engine of its size reads that it reaches, faults of single cylinders apart. */
    double level() {
        return nature.level() * (1 - size(Fault.CAM_TIMING).orElse(0.0));
    }

    /** Share of its filling that a cylinder gets. */
    double filling(int c) {
        return 1 - at(Fault.VALVE_NOT_OPENING, c);
    }

    /**
     * The cylinder as a gauge cranks it.
     *
     * @param ringFactor what oil leaves of the ring leak
     * @param oilMl on the crown
     */
    CrankingSetup leaking(CrankingSetup setup, int c, double ringFactor, double oilMl) {
        double area = scale()
                * (ringLeak(c) * ringFactor * nature.ringShare() * scatterOf(c)
                        + otherLeak(c) * nature.valveShare() * scatterOf(c + 31));
        CrankingSetup leaking = setup.withLeakArea(LeakArea.ofSquareMm(area));
        if (oilMl > 0) {
            CylinderGeometry g = setup.geometry();
            double left = g.clearance().millilitres() - oilMl;
            leaking = leaking.withGeometry(new CylinderGeometry(
                    g.bore(), g.stroke(), g.rod(), 1 + g.swept().millilitres() / left));
        }
        return leaking;
    }

    /** kPa after the last stroke. */
    double cranked(CrankingSetup setup, int c, double ringFactor, double oilMl) {
        return CrankingTwin.finalReading(leaking(setup, c, ringFactor, oilMl)).kPa();
    }

    private double scatterOf(int key) {
        return new Draw(seed * 131 + key).about(1, nature.scatter());
    }

    // ---- leak-down

    /** As it is stamped. */
    LeakdownTester tester() {
        return equipment.tester().orElseGet(this::drawnTester);
    }

    private LeakdownTester drawnTester() {
        Draw own = new Draw(seed + 77);
        return new LeakdownTester(
                "bench",
                TesterKind.TWO_GAUGES,
                Optional.of(Pressure.ofKPa(own.of(List.of(690.0, 552.0, 414.0, 207.0)))),
                Optional.of(Length.ofMm(own.of(List.of(.8, 1.016, 1.016, 1.5, 2.0)))),
                1,
                1,
                calibrated);
    }

    /** As it really is. */
    TwoHoles realTester() {
        TwoHoles stated = tester().holes(Pressure.STANDARD_ATMOSPHERE).orElseThrow();
        return new TwoHoles(
                stated.orifice().times(nature.tester() * equipment.testerFactor()),
                stated.supply(),
                Pressure.STANDARD_ATMOSPHERE);
    }

    /** How leak areas stand at the supply's pressure over those at 690 kPa. */
    double press() {
        TwoHoles stated = tester().holes(Pressure.STANDARD_ATMOSPHERE).orElseThrow();
        return Math.pow(stated.supply().kPa() / 690, nature.pressurePower());
    }
}
