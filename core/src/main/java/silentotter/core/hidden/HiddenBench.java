package silentotter.core.hidden;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.Fault;
import silentotter.core.flow.AirFlow;
import silentotter.core.flow.TwoHoles;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.intake.Intake;
import silentotter.core.intake.Intake.ComplaintKind;
import silentotter.core.job.JobRecord;
import silentotter.core.job.Observation;
import silentotter.core.leakdown.Place;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.CrankingTwin;

/**
 * A hidden engine that somebody tests with their own hands: each reading comes from the twin, with the noise of the trade, and
 * with every slip of the hand that was made. The same seed and the same doings read the same.
 */
public final class HiddenBench {
    /** A throttle left shut keeps so much of the air out. Trade practice: a fifth to a third less on the gauge. */
    private static final double SHUT_THROTTLE = .74;
    /** Plugs left in the other cylinders slow the starter. */
    private static final double PLUGS_IN = .72;
    /** Rings and bore stand further apart cold, on all but very worn engines. */
    private static final double COLD_RINGS = 1.25;
    /** A valve that stands open on the wrong stroke, mm² at 90 mm bore. */
    private static final double OPEN_VALVE = 10;
    /** Share of the ring leak that a spoonful of oil leaves. */
    private static final double OILED = .4;

    private static final double NOISE_HOT = .017;
    private static final double NOISE_COLD = .027;
    private static final Temperature AIR = Temperature.ofCelsius(20);

    private final long seed;
    private final HiddenEngine truth;
    private final HiddenJob job;

    private HiddenBench(long seed, HiddenEngine truth, HiddenJob job) {
        this.seed = seed;
        this.truth = truth;
        this.job = job;
    }

    /** With given faults and given equipment. */
    public static HiddenBench of(long seed, Engine engine, List<HiddenFault> faults, Equipment equipment) {
        Draw d = new Draw(seed);
        HiddenEngine truth = HiddenEngine.of(seed, d, engine, faults, equipment);
        return new HiddenBench(seed, truth, Workshop.job(seed, d, truth));
    }

    /** Faults as they come to a workshop. @param at which of all draws from this seed */
    public static List<HiddenFault> drawn(long seed, int at, Engine engine) {
        return EngineMaker.faults(new Draw(seed * 1009 + at), engine, HiddenEngine.kind(engine));
    }

    /** The same, brought by somebody who complains of this and nothing else. @param complaint empty for nothing at all */
    public HiddenBench telling(Optional<ComplaintKind> complaint) {
        JobRecord record = job.record();
        Examination told = record.last(Examination.class, Examination.EMPTY);
        Intake intake = Intake.EMPTY.complaining(complaint);
        List<Observation> observed = new ArrayList<>(record.observed());
        observed.remove(told);
        observed.add(Examination.of(
                intake, told.signs(), told.plugs(), told.inside(), told.crankcase(), told.valves(), told.steps()));
        return new HiddenBench(
                seed,
                truth,
                new HiddenJob(
                        job.seed(),
                        new JobRecord(record.engine(), record.job(), observed),
                        job.faults(),
                        job.falsified()));
    }

    /** What is true of it. */
    public List<HiddenFault> faults() {
        return truth.faults();
    }

    public Engine engine() {
        return truth.engine();
    }

    /** What a careful workshop would write down of the whole round. */
    public HiddenJob job() {
        return job;
    }

    /** Whether it arrives warm. */
    public boolean arrivesHot() {
        return truth.isHot();
    }

    /** The tester on this bench, as it is said to be. */
    public LeakdownTester tester() {
        return truth.tester();
    }

    /**
     * How a cylinder is cranked.
     *
     * @param throttleOpen on an engine that has one
     * @param plugsOut of all cylinders
     * @param oilMl that was poured into this cylinder
     * @param attempt which one at this cylinder, from 1
     */
    public record Cranking(boolean hot, boolean throttleOpen, boolean plugsOut, double oilMl, int attempt) {}

    /** What the gauge holds after each stroke, kPa. @param cylinder by its number */
    public List<Double> crank(int cylinder, Cranking how) {
        Draw d = new Draw(seed * 7919 + cylinder * 131L + how.attempt() + (how.oilMl() > 0 ? 57 : 0));
        // How fast it turns is of the engine and its battery, not of the attempt.
        CrankingSetup setup = truth.setup(new Draw(seed * 31 + 7));
        if (truth.kind() != EngineKind.DIESEL && !how.throttleOpen()) {
            setup = setup.withIntakeFactor(setup.intakeFactor() * SHUT_THROTTLE);
        }
        if (!how.plugsOut()) {
            setup = setup.withSpeed(CrankSpeed.ofRpm(setup.speed().rpm() * PLUGS_IN));
        }
        double rings = (how.hot() ? 1 : COLD_RINGS) * (how.oilMl() > 0 ? OILED : 1);
        double factor =
                truth.level() * truth.filling(cylinder) * Math.exp((how.hot() ? NOISE_HOT : NOISE_COLD) * d.heavy());
        List<Double> strokes = new ArrayList<>();
        for (Pressure p : CrankingTwin.run(truth.leaking(setup, cylinder, rings, how.oilMl()))) {
            strokes.add(p.kPa() * factor);
        }
        return strokes;
    }

    /**
     * How air is put into a cylinder.
     *
     * @param wrongStroke with its valves open, 360 degrees off
     * @param zeroed whether both gauges were set alike with the outlet shut
     * @param oilMl that lies on the crown
     * @param attempt which one at this cylinder, from 1
     */
    public record Airing(boolean hot, boolean wrongStroke, boolean zeroed, double oilMl, int attempt) {}

    /** What the two gauges show, and what flows out where, litres of free air a minute; neighbours are one place. */
    public record Aired(double supplyKPa, double cylinderKPa, Map<Place, Double> flows) {}

    /** @param c the cylinder, by its number */
    public Aired air(int c, Airing how) {
        Draw d = new Draw(seed * 6007 + c * 131L + how.attempt());
        double ring = truth.ringLeak(c) * (how.hot() ? 1 : COLD_RINGS) * (how.oilMl() > 0 ? OILED : 1);
        double open = how.wrongStroke() && truth.kind() != EngineKind.TWO_STROKE ? OPEN_VALVE : 0;
        double held = truth.at(Fault.VALVE_HELD, c);
        boolean atExhaust = truth.holdsAnExhaustValve(c);
        double intake = truth.at(Fault.INTAKE_VALVE, c) + (atExhaust ? 0 : held) + open;
        double exhaust = truth.at(Fault.EXHAUST_VALVE, c) + (atExhaust ? held : 0) + open;
        // Screwed in anew with a fresh seal, it is tight.
        double adapter = how.attempt() > 1 ? 0 : truth.equipment().adapterMm2() / truth.scale();
        double water = truth.at(Fault.COOLANT_ENTRY, c);
        double between = truth.at(Fault.GASKET_BETWEEN, c);
        TwoHoles real = truth.realTester();
        double all = (ring + intake + exhaust + water + between + adapter) * truth.scale() * truth.press();
        Pressure inside = real.settlesAt(LeakArea.ofSquareMm(all * d.about(1, .03)));
        double offset = how.zeroed() ? 0 : real.supply().kPa() * new Draw(seed + 991).between(.03, .08);
        double reads = Math.max(0, inside.kPa() - offset + real.supply().kPa() * .004 * d.heavy());
        double perArea = AirFlow.freeAirLitresPerMinute(
                LeakArea.ofSquareMm(truth.scale()),
                inside.plus(Pressure.STANDARD_ATMOSPHERE),
                Pressure.STANDARD_ATMOSPHERE,
                AIR);
        boolean ports = truth.kind() == EngineKind.TWO_STROKE;
        Map<Place, Double> flows = new EnumMap<>(Place.class);
        flows.put(Place.INTAKE, intake * perArea);
        flows.put(Place.EXHAUST, (ports ? .4 * ring : .65 * exhaust) * perArea);
        flows.put(Place.CRANKCASE, ring * perArea);
        flows.put(Place.COOLANT, water * perArea);
        flows.put(Place.NEIGHBOUR, between * perArea);
        flows.put(Place.OUTSIDE, adapter * perArea);
        return new Aired(real.supply().kPa(), reads, Map.copyOf(flows));
    }

    /** Beside which of its neighbours a cylinder's gasket is open; empty where none is. */
    public Optional<Integer> opensInto(int c) {
        Map<Integer, Boolean> beside = new HashMap<>();
        truth.engine().arrangement().neighbours(CylinderNumber.of(c)).forEach(n -> beside.put(n.value(), true));
        return truth.faults().stream()
                .filter(f -> f.fault() == Fault.GASKET_BETWEEN && f.at(c))
                .flatMap(f -> f.cylinders().stream())
                .filter(o -> o != c && beside.containsKey(o))
                .findFirst();
    }
}
