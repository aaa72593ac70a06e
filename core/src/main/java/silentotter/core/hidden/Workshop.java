package silentotter.core.hidden;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import silentotter.core.blowby.BlowbyPoint;
import silentotter.core.blowby.BlowbyReading;
import silentotter.core.blowby.CrankcaseGauge;
import silentotter.core.blowby.CrankcaseVent;
import silentotter.core.blowby.SetUpCheck;
import silentotter.core.blowby.TubeKind;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.CompressionReading;
import silentotter.core.compression.PassKind;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.Fault;
import silentotter.core.flow.AirFlow;
import silentotter.core.flow.BreatherOrifice;
import silentotter.core.flow.TwoHoles;
import silentotter.core.hidden.HiddenJob.Falsified;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.intake.Intake;
import silentotter.core.intake.Intake.ComplaintKind;
import silentotter.core.intake.Intake.Purpose;
import silentotter.core.job.Ambient;
import silentotter.core.job.Job;
import silentotter.core.job.JobRecord;
import silentotter.core.job.Observation;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;
import silentotter.core.leakdown.LeakdownReading.RunState;
import silentotter.core.leakdown.Place;
import silentotter.core.oil.OilEntry;
import silentotter.core.oil.OilEntryKind;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;
import silentotter.core.quantity.Volume;
import silentotter.core.twin.CrankingSetup;

/** Does the round on a hidden engine and writes down what it reads, well or badly. */
public final class Workshop {
    private final long seed;
    private final RoundDone done;
    private final Draw d;
    private final HiddenEngine truth;
    private final Engine engine;
    private final EngineKind kind;
    private final List<HiddenFault> faults;
    private final Nature nature;
    private final int n;
    private final double scale;
    private final boolean hot;
    private Optional<Falsified> falsified = Optional.empty();

    private Workshop(long seed, RoundDone done, Draw d, HiddenEngine truth) {
        this.seed = seed;
        this.done = done;
        this.d = d;
        this.truth = truth;
        engine = truth.engine();
        kind = truth.kind();
        faults = truth.faults();
        nature = truth.nature();
        n = truth.cylinders();
        scale = truth.scale();
        hot = truth.isHot();
    }

    /** The job of a seed. The same seed gives the same engine however much of the round is done. */
    public static HiddenJob job(long seed, RoundDone done) {
        return job(seed, done, OptionalInt.empty());
    }

    /** The same on an engine of so many cylinders. */
    public static HiddenJob job(long seed, RoundDone done, int cylinders) {
        return job(seed, done, OptionalInt.of(cylinders));
    }

    private static HiddenJob job(long seed, RoundDone done, OptionalInt cylinders) {
        Draw d = new Draw(seed);
        return new Workshop(seed, done, d, HiddenEngine.drawn(seed, d, cylinders)).job();
    }

    /** The whole round on a given engine. */
    static HiddenJob job(long seed, Draw d, HiddenEngine truth) {
        return new Workshop(seed, RoundDone.FULL, d, truth).job();
    }

    private HiddenJob job() {
        boolean all = done == RoundDone.FULL;
        boolean mixed = done == RoundDone.MIXED;
        boolean cranked = !mixed || d.chance(.8);
        boolean aired = all || mixed && d.chance(.65);
        boolean read = all || mixed && d.chance(.65);
        boolean blown = all || mixed && d.chance(.5);
        boolean logged = all || mixed && d.chance(.55);
        boolean watched = all || mixed && d.chance(.6);
        boolean wrong = mixed && d.chance(.2);
        if (!cranked && !aired) {
            cranked = true;
        }
        List<Observation> observed = new ArrayList<>();
        double[] dry = cranked ? dry() : new double[0];
        double[] percent = aired ? percent() : new double[0];
        if (wrong) {
            falsify(dry, percent);
        }
        if (cranked) {
            observed.add(pass(PassKind.DRY, readings(dry)));
            if ((all || mixed && d.chance(.5)) && kind == EngineKind.PETROL && n > 1) {
                wet(dry).ifPresent(observed::add);
            }
        }
        if (aired) {
            for (int c = 1; c <= n; c++) {
                observed.add(air(c, percent[c - 1]));
            }
        }
        boolean pumps = n <= 2 || engine.arrangement().layout() == silentotter.core.engine.Layout.FLAT;
        if (blown && kind != EngineKind.TWO_STROKE && !pumps) {
            observed.addAll(blowby());
        }
        if (logged && kind != EngineKind.TWO_STROKE) {
            observed.addAll(oilLog());
        }
        observed.add(Examination.of(
                intake(),
                HiddenSigns.of(d, faults, kind, watched, oilSeverity()),
                HiddenPlugs.of(d, engine, faults, nature, read && !engine.isDiesel()),
                Map.of(),
                null,
                null,
                null));
        Job job =
                new Job(LocalDate.of(2026, 11, 1), Optional.empty(), Optional.empty(), "", "", "", "", Ambient.UNKNOWN);
        return new HiddenJob(seed, new JobRecord(engine, job, observed), faults, falsified);
    }

    // ---- cranking

    private double[] dry() {
        CrankingSetup setup = truth.setup(d);
        double level = truth.level();
        double[] kPa = new double[n];
        for (int c = 1; c <= n; c++) {
            kPa[c - 1] = level
                    * truth.filling(c)
                    * truth.cranked(setup, c, 1, 0)
                    * Math.exp((hot ? .017 : .027) * d.heavy());
        }
        return kPa;
    }

    private List<CompressionReading> readings(double[] kPa) {
        double division = kind == EngineKind.DIESEL ? 25 : 10;
        List<CompressionReading> all = new ArrayList<>();
        for (int c = 1; c <= n; c++) {
            all.add(reading(c, Math.max(0, Math.round(kPa[c - 1] / division) * division), Optional.empty()));
        }
        return all;
    }

    private static CompressionReading reading(int c, double kPa, Optional<Volume> oil) {
        return new CompressionReading(
                CylinderNumber.of(c), c, List.of(Pressure.ofKPa(kPa)), true, oil, Optional.empty(), Instant.EPOCH);
    }

    private CompressionPass pass(PassKind kindOfPass, List<CompressionReading> readings) {
        return new CompressionPass(kindOfPass, truth.conditions(), readings);
    }

    private Optional<CompressionPass> wet(double[] dry) {
        int lowest = 0;
        int highest = 0;
        for (int c = 0; c < n; c++) {
            lowest = dry[c] < dry[lowest] ? c : lowest;
            highest = dry[c] > dry[highest] ? c : highest;
        }
        if (lowest == highest || engine.arrangement().liesOver(CylinderNumber.of(1))) {
            return Optional.empty();
        }
        CrankingSetup setup = truth.setup(d);
        double oil = Math.max(2, Math.round(setup.geometry().clearance().millilitres() * .07));
        List<CompressionReading> readings = new ArrayList<>();
        for (int i : new int[] {lowest, highest}) {
            double before = truth.cranked(setup, i + 1, 1, 0);
            double after = truth.cranked(setup, i + 1, d.between(.15, .75), oil * d.between(.35, 1));
            double kPa = dry[i] * after / before * Math.exp(.025 * d.heavy());
            readings.add(reading(i + 1, Math.round(kPa / 10) * 10.0, Optional.of(Volume.ofMillilitres(oil))));
        }
        return Optional.of(pass(PassKind.WET, readings));
    }

    // ---- leak-down

    private double[] percent() {
        TwoHoles real = truth.realTester();
        double press = truth.press();
        double[] percent = new double[n];
        for (int c = 1; c <= n; c++) {
            double area = scale * press * (truth.ringLeak(c) + truth.otherLeak(c)) * d.about(1, .06);
            double reads = real.percent(real.settlesAt(LeakArea.ofSquareMm(area)));
            double error = (hot ? 1.4 : 2.6) + .04 * reads;
            percent[c - 1] = Math.round(Math.max(0, Math.min(100, reads + error * .7 * d.heavy())));
        }
        return percent;
    }

    private LeakdownReading air(int c, double percent) {
        LeakdownTester tester = truth.tester();
        TwoHoles holes = tester.holes(Pressure.STANDARD_ATMOSPHERE).orElseThrow();
        boolean wrongStroke = falsified
                .filter(f -> f.how().equals("WRONG_STROKE") && f.cylinders().contains(c))
                .isPresent();
        Pressure inside = holes.cylinderPressure(Math.min(99, percent));
        double perArea = AirFlow.freeAirLitresPerMinute(
                LeakArea.ofSquareMm(scale),
                inside.plus(Pressure.STANDARD_ATMOSPHERE),
                Pressure.STANDARD_ATMOSPHERE,
                Temperature.ofCelsius(20));
        boolean held = truth.at(Fault.VALVE_HELD, c) > 0;
        boolean atExhaust = truth.holdsAnExhaustValve(c);
        double intake = truth.at(Fault.INTAKE_VALVE, c) + (held && !atExhaust ? truth.at(Fault.VALVE_HELD, c) : 0);
        double exhaust = truth.at(Fault.EXHAUST_VALVE, c) + (held && atExhaust ? truth.at(Fault.VALVE_HELD, c) : 0);
        if (wrongStroke) {
            intake += 10;
            exhaust += 10;
        }
        Map<Place, Heard> heard = new HashMap<>();
        listen(heard, Place.INTAKE, intake * perArea);
        boolean ports = kind == EngineKind.TWO_STROKE;
        listen(heard, Place.EXHAUST, (ports ? .4 * truth.ringLeak(c) : .65 * exhaust) * perArea);
        listen(heard, Place.CRANKCASE, truth.ringLeak(c) * perArea);
        if (d.chance(.85)) {
            double water = truth.at(Fault.COOLANT_ENTRY, c) * perArea;
            heard.put(Place.COOLANT, d.chance(.03 + .7 * Math.min(1, water / 9)) ? Heard.CLEAR : Heard.NOTHING);
        }
        Map<CylinderNumber, Heard> neighbours = new HashMap<>();
        Set<CylinderNumber> excluded = Set.copyOf(engine.arrangement().neighbours(CylinderNumber.of(c)));
        if (d.chance(.7)) {
            for (CylinderNumber next : engine.arrangement().neighbours(CylinderNumber.of(c))) {
                boolean between = faults.stream()
                        .anyMatch(f -> f.fault() == Fault.GASKET_BETWEEN && f.at(c) && f.at(next.value()));
                neighbours.put(next, ear(between ? truth.at(Fault.GASKET_BETWEEN, c) * perArea : 0));
            }
        }
        return new LeakdownReading(
                CylinderNumber.of(c),
                c,
                LeakdownKind.STANDARD,
                tester,
                percent,
                Optional.of(hot ? RunState.HOT : RunState.COLD),
                Optional.empty(),
                heard,
                neighbours,
                excluded,
                List.of(),
                Optional.empty());
    }

    private void listen(Map<Place, Heard> into, Place place, double flow) {
        if (d.chance(.9)) {
            into.put(place, ear(flow));
        }
    }

    /** An ear: the louder the flow, the surer, with its own threshold and a noisy yard. */
    private Heard ear(double flow) {
        double loud = Math.log(Math.max(.3, flow) / 9) + nature.ear() + .75 * d.normal();
        if (loud < -.1) {
            return Heard.NOTHING;
        }
        return loud < .75 ? Heard.FAINT : loud < 1.9 ? Heard.CLEAR : Heard.LOUD;
    }

    // ---- crankcase and oil

    private List<BlowbyReading> blowby() {
        double area = IntStream.rangeClosed(1, n).mapToDouble(truth::ringLeak).sum();
        double flow = nature.blowby() * area * scale * Math.exp(.2 * d.normal());
        BreatherOrifice orifice = new BreatherOrifice(Length.ofMm(d.of(List.of(5.0, 6.0, 8.0))), .62);
        double pa = orifice.drop(flow, Temperature.ofCelsius(60)).pa() + 4 * d.heavy();
        boolean blocked = truth.size(Fault.VENTILATION).isPresent();
        double found =
                blocked ? d.between(60, 500) : pa > 400 && d.chance(.4) ? d.between(80, 200) : d.between(-180, 40);
        return List.of(
                crankcase(
                        1, BlowbyPoint.AS_FOUND, CrankcaseVent.AS_FOUND, Math.round(found / 5) * 5.0, Optional.empty()),
                crankcase(
                        2,
                        BlowbyPoint.IDLE,
                        CrankcaseVent.SHUT,
                        Math.max(0, Math.round(pa / 5) * 5.0),
                        Optional.of(orifice)));
    }

    private static BlowbyReading crankcase(
            int number, BlowbyPoint point, CrankcaseVent vent, double pa, Optional<BreatherOrifice> orifice) {
        return new BlowbyReading(
                number,
                point,
                vent,
                Optional.empty(),
                CrankcaseGauge.DIGITAL,
                TubeKind.U,
                Pressure.ofPa(pa),
                Pressure.ofPa(5),
                orifice,
                true,
                Optional.empty(),
                Optional.empty(),
                false,
                false,
                Set.of(SetUpCheck.values()),
                Optional.empty());
    }

    /** Extra oil, in units of a usual bad case. */
    private double oilSeverity() {
        double extra = 0;
        for (HiddenFault f : faults) {
            boolean everywhere = f.cylinders().isEmpty();
            extra += switch (f.fault()) {
                case OIL_CONTROL -> (everywhere ? .85 : .4) * f.size();
                case STEM_SEAL -> (everywhere ? .45 : .2) * f.size();
                case VENTILATION, OUTSIDE_LEAK -> .4 * f.size();
                case BROKEN -> .7;
                case RING_SEAL -> .06 * f.size();
                case EVEN_WEAR -> .22 * f.size();
                default -> 0;
            };
        }
        return extra;
    }

    private List<OilEntry> oilLog() {
        double litres = n
                * engine.size()
                        .geometry(engine.assumedRatio())
                        .orElseThrow()
                        .swept()
                        .millilitres()
                / 1000;
        double rate = Math.max(.3, Math.min(2.5, litres / 2)) * nature.oilScale() * (.05 + oilSeverity());
        double span = engine.oil().dipstickSpan().orElseThrow().mm();
        double litresPerMm = engine.oil().dipstickSpanVolume().orElseThrow().millilitres() / 1000 / span;
        List<OilEntry> log = new ArrayList<>();
        double level = d.between(-4, 1);
        double km = 0;
        int dips = 4 + d.index(4);
        for (int i = 0; i < dips; i++) {
            log.add(dip(log.size(), km, level + d.heavy() * .9));
            double step = Math.min(1200, Math.max(250, (span * .6) * litresPerMm / rate * 1000));
            km += step;
            level -= rate * step / 1000 / litresPerMm;
            if (level < -.7 * span) {
                double poured = Math.round(-level * litresPerMm * 10) / 10.0;
                if (poured > 0) {
                    log.add(poured(log.size(), km, poured));
                    level += poured / litresPerMm;
                }
            }
        }
        return log;
    }

    private static OilEntry dip(int number, double km, double mm) {
        return entry(number, OilEntryKind.DIP, km, Optional.of(Math.round(mm * 2) / 2.0), Optional.empty());
    }

    private static OilEntry poured(int number, double km, double litres) {
        return entry(
                number,
                OilEntryKind.TOP_UP,
                km,
                Optional.empty(),
                Optional.of(Estimate.of(litres * .94, litres, litres * 1.06)));
    }

    private static OilEntry entry(
            int number, OilEntryKind kind, double km, Optional<Double> mm, Optional<Estimate<Double>> litres) {
        return new OilEntry(
                number,
                kind,
                Optional.empty(),
                Optional.of((double) Math.round(km)),
                Optional.empty(),
                mm,
                1,
                Optional.empty(),
                .1,
                litres,
                false,
                false,
                "",
                Optional.empty(),
                false,
                Optional.of(false),
                true);
    }

    // ---- what is told

    private Intake intake() {
        Map<ComplaintKind, Boolean> complaints = new HashMap<>();
        boolean oily = oilSeverity() > .3;
        boolean weak =
                faults.stream().anyMatch(f -> f.size() > .9 && !f.cylinders().isEmpty())
                        || truth.size(Fault.CAM_TIMING).isPresent()
                        || truth.size(Fault.EVEN_WEAR).isPresent();
        boolean water = truth.size(Fault.COOLANT_ENTRY).isPresent();
        Purpose purpose = Purpose.COMPLAINT;
        if (water && d.chance(.5)) {
            complaints.put(ComplaintKind.COOLANT_LOSS, true);
        } else if (oily && d.chance(.65)) {
            complaints.put(d.chance(.6) ? ComplaintKind.OIL_USE : ComplaintKind.SMOKE, true);
        } else if (weak && d.chance(.65)) {
            complaints.put(d.chance(.5) ? ComplaintKind.LOW_POWER : ComplaintKind.HARD_START, true);
        } else if (d.chance(.5)) {
            purpose = Purpose.PREVENTIVE;
        } else {
            complaints.put(d.of(List.of(ComplaintKind.LOW_POWER, ComplaintKind.OIL_USE, ComplaintKind.SMOKE)), true);
        }
        return new Intake(
                Optional.of(purpose),
                complaints,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Map.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    // ---- what goes wrong

    private void falsify(double[] dry, double[] percent) {
        boolean ofAir = percent.length > 0 && (dry.length == 0 || d.chance(.5));
        int c = 1 + d.index(n);
        double read = ofAir ? percent[c - 1] : dry.length > 0 ? dry[c - 1] : 0;
        if (ofAir) {
            int how = d.weighted(kind == EngineKind.TWO_STROKE ? 0 : .4, .35, .25);
            if (how == 0) {
                percent[c - 1] = Math.round(Math.min(100, 96 + 3 * d.normal()));
            } else if (how == 1) {
                double left = (100 - percent[c - 1]) / 100;
                percent[c - 1] = Math.round(100 * (1 - left * d.between(.3, .75)));
            } else {
                swap(percent, c);
            }
            double moved = Math.abs(percent[c - 1] - read) / Math.hypot(2, .05 * read);
            note("LEAKDOWN", c, List.of("WRONG_STROKE", "ADAPTER", "SWAPPED").get(how), moved);
        } else if (dry.length > 0) {
            int how = d.weighted(.5, .2, .3);
            if (how == 0) {
                dry[c - 1] *= d.between(.35, .85);
            } else if (how == 1) {
                dry[c - 1] = d.chance(.5) ? dry[c - 1] * 1.45 : dry[c - 1] / 1.45;
            } else {
                swap(dry, c);
            }
            double moved = Math.abs(Math.log(dry[c - 1] / read)) / .03;
            note("COMPRESSION", c, List.of("ADAPTER", "UNIT", "SWAPPED").get(how), moved);
        }
    }

    private void note(String test, int c, String how, double moved) {
        List<Integer> where = how.equals("SWAPPED") && n > 1 ? List.of(c, c % n + 1) : List.of(c);
        falsified = Optional.of(new Falsified(test, where, how, moved));
    }

    private void swap(double[] values, int c) {
        int other = c % n;
        double kept = values[c - 1];
        values[c - 1] = values[other];
        values[other] = kept;
    }
}
