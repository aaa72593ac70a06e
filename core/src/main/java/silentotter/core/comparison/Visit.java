package silentotter.core.comparison;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import silentotter.core.blowby.BlowbyAnalyst;
import silentotter.core.blowby.BlowbyPoint;
import silentotter.core.blowby.BlowbyReading;
import silentotter.core.blowby.CrankcaseVent;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.CompressionReading;
import silentotter.core.compression.Conditions;
import silentotter.core.compression.CylinderValue;
import silentotter.core.compression.PassKind;
import silentotter.core.crankcase.CrankcaseHold;
import silentotter.core.diagnosis.StartingNoise;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.fault.Learnt;
import silentotter.core.fault.Learnt.Instrument;
import silentotter.core.flow.TwoHoles;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.intake.Intake.Purpose;
import silentotter.core.job.JobRecord;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;
import silentotter.core.oil.Meter;
import silentotter.core.oil.OilEntry;
import silentotter.core.oil.OilEvent;
import silentotter.core.oil.OilPeriods;
import silentotter.core.oil.OilPeriods.End;
import silentotter.core.oil.OilPeriods.Period;
import silentotter.core.plugs.PlugLook;
import silentotter.core.plugs.PlugTray;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.Pressure;

/**
 * What was measured of an engine on one day, and how.
 *
 * @param job number of the job
 * @param hours on the meter; empty where it is not known, or belongs to another engine
 * @param baseline whether it was taken as one: at hand-over, or after a rebuild
 * @param hoursSinceBuilt of a freshly built engine
 * @param plugs how those looked of which enough was said
 * @param settings how it was measured
 */
public record Visit(
        long job,
        LocalDate date,
        Optional<Double> hours,
        Optional<Double> distanceKm,
        String complaint,
        boolean baseline,
        Optional<Double> hoursSinceBuilt,
        List<Measured> measured,
        Map<CylinderNumber, PlugLook> plugs,
        Map<Measure, Settings> settings) {
    /** Of a share that a blow-by reading is off by for its edge and its gas. Trade practice. */
    private static final double FLOW_SHARE = .05;

    /** Points that the rise of a wet test is off by. Trade practice. */
    private static final double RISE_POINTS = 4;
    /** A dial of a hand pump is read to this, kPa. Trade practice. */
    private static final double HOLD_KPA = .5;
    /** Oil use differs from week to week with what an engine is asked to do, as a share. Trade practice. */
    private static final double USE_SHARE = .1;

    private static final double LEAST_KPA = 1;
    private static final double END_OF_DIAL = 99.5;

    public Visit {
        measured = List.copyOf(measured);
        plugs = Map.copyOf(plugs);
        settings = Map.copyOf(settings);
    }

    /** @param learnt the noise of the shop's gauges, where its repeats have shown it */
    public static Visit of(long job, JobRecord record, Learnt learnt) {
        Reader reader = new Reader(record, learnt);
        Examination seen = record.last(Examination.class, Examination.EMPTY);
        reader.compression();
        reader.leakdown();
        reader.hold(seen.crankcase());
        reader.blowby();
        boolean otherMeter = seen.intake().meterFromOtherEngine().orElse(false);
        return new Visit(
                job,
                record.job().date(),
                record.job().hours().filter(h -> !otherMeter),
                record.job().distanceKm().filter(d -> !otherMeter),
                record.job().complaint(),
                seen.intake().purpose().filter(p -> p == Purpose.BASELINE).isPresent(),
                seen.intake().hoursSinceBuilt(),
                reader.measured,
                looks(seen.plugs()),
                reader.settings);
    }

    private static Map<CylinderNumber, PlugLook> looks(PlugTray tray) {
        Map<CylinderNumber, PlugLook> looks = new TreeMap<>();
        tray.plugs().forEach((n, plug) -> PlugLook.of(plug).ifPresent(look -> looks.put(CylinderNumber.of(n), look)));
        return looks;
    }

    /**
     * The same visits, each with how fast oil went since the one before.
     *
     * @param visits in the order of their days
     * @param log of the engine, across its visits
     * @param repairs of the engine
     */
    public static List<Visit> withOil(Engine engine, List<Visit> visits, List<OilEntry> log, List<OilEvent> repairs) {
        List<Optional<Period>> periods = OilPeriods.of(
                engine,
                log,
                repairs,
                visits.stream()
                        .map(v -> new End(v.date(), v.hours(), v.distanceKm()))
                        .toList());
        List<Visit> all = new ArrayList<>();
        for (int i = 0; i < visits.size(); i++) {
            Visit v = visits.get(i);
            all.add(periods.get(i).map(v::with).orElse(v));
        }
        return all;
    }

    private Visit with(Period oil) {
        boolean byDistance = oil.meter() == Meter.DISTANCE;
        Measure measure = byDistance ? Measure.OIL_PER_DISTANCE : Measure.OIL_PER_HOUR;
        Estimate<Double> rate = oil.litres();
        double own = 1000 * (rate.high() - rate.low()) / 2 / Measured.NINETY_FIVE;
        double use = 1000 * rate.best();
        List<Measured> more = new ArrayList<>(measured);
        more.add(Measured.points(
                measure, Optional.empty(), use, Math.hypot(own, USE_SHARE * use), false, Measured.Range.ANY));
        Map<Measure, Settings> how = new EnumMap<>(Measure.class);
        how.putAll(settings);
        how.put(measure, Settings.NONE);
        return new Visit(job, date, hours, distanceKm, complaint, baseline, hoursSinceBuilt, more, plugs, how);
    }

    public List<Measured> of(Measure measure) {
        return measured.stream().filter(m -> m.measure() == measure).toList();
    }

    private static final class Reader {
        private final JobRecord record;
        private final Engine engine;
        private final Learnt learnt;
        private final List<Measured> measured = new ArrayList<>();
        private final Map<Measure, Settings> settings = new LinkedHashMap<>();

        Reader(JobRecord record, Learnt learnt) {
            this.record = record;
            this.engine = record.engine();
            this.learnt = learnt;
        }

        /** The last dry pass that read most cylinders: a repeat of some is of the same day. */
        void compression() {
            Optional<CompressionPass> pass = record.all(CompressionPass.class).stream()
                    .filter(p ->
                            p.kind() == PassKind.DRY && p.counting().findAny().isPresent())
                    .reduce((a, b) -> cylinders(b) >= cylinders(a) ? b : a);
            if (pass.isEmpty()) {
                return;
            }
            Conditions c = pass.get().conditions();
            wet(pass.get());
            double toSeaLevel =
                    Pressure.STANDARD_ATMOSPHERE.ratioTo(record.ambient().pressure());
            for (CylinderNumber n : engine.arrangement().cylinders()) {
                List<CompressionReading> attempts = pass.get().of(n);
                if (!attempts.isEmpty()) {
                    double kPa =
                            Math.max(LEAST_KPA, CylinderValue.middle(attempts).kPa());
                    double division = c.gauge().division().map(Pressure::kPa).orElse(20.0) / 2;
                    double noise = learnt.noise(Instrument.COMPRESSION) * StartingNoise.compression(!c.cold());
                    boolean floor = attempts.stream().anyMatch(a -> c.gauge().isNearFullScale(a.value()));
                    measured.add(Measured.share(
                            Measure.COMPRESSION,
                            Optional.of(n),
                            kPa * toSeaLevel,
                            Math.hypot(noise / Math.sqrt(attempts.size()), division / kPa),
                            floor));
                }
            }
            settings.put(
                    Measure.COMPRESSION,
                    Settings.NONE
                            .with(Facet.GAUGE, gauge(c))
                            .chosen(Facet.TEMPERATURE, c.temperature())
                            .chosen(Facet.THROTTLE, c.throttle())
                            .chosen(Facet.PLUGS_OUT, c.plugsOut())
                            .with(Facet.RELEASE, released(c))
                            .sized(
                                    Facet.STROKES,
                                    c.length()
                                            .map(l -> l.strokes(engine.cycle(), c.crankingSpeed())
                                                    .best()))
                            .sized(Facet.SPEED, c.crankingSpeed().map(s -> s.rpm())));
        }

        private Optional<String> released(Conditions c) {
            return Optional.of(c.isReleased(engine) ? "letting out" : "none");
        }

        /** What oil in a cylinder added to its dry reading, in the last wet pass. */
        void wet(CompressionPass dry) {
            Optional<CompressionPass> last = record.all(CompressionPass.class).stream()
                    .filter(p ->
                            p.kind() == PassKind.WET && p.counting().findAny().isPresent())
                    .reduce((a, b) -> b);
            if (last.isEmpty()) {
                return;
            }
            Conditions c = last.get().conditions();
            List<Double> oil = new ArrayList<>();
            for (CylinderNumber n : engine.arrangement().cylinders()) {
                List<CompressionReading> was = dry.of(n);
                List<CompressionReading> is = last.get().of(n);
                if (was.isEmpty() || is.isEmpty()) {
                    continue;
                }
                double before = CylinderValue.middle(was).kPa();
                if (before > LEAST_KPA) {
                    CompressionReading wet = is.get(is.size() - 1);
                    double rise = 100 * (wet.value().kPa() / before - 1);
                    measured.add(Measured.points(
                            Measure.WET_RISE,
                            Optional.of(n),
                            rise,
                            RISE_POINTS,
                            c.gauge().isNearFullScale(wet.value()),
                            Measured.Range.ANY));
                    is.forEach(r -> r.oil().ifPresent(o -> oil.add(o.millilitres())));
                }
            }
            // Gauge, warmth and speed are in both readings of the day and fall out of their ratio.
            settings.put(
                    Measure.WET_RISE,
                    Settings.NONE
                            .chosen(Facet.THROTTLE, c.throttle())
                            .with(Facet.RELEASE, released(c))
                            .sized(
                                    Facet.OIL_PUT_IN,
                                    oil.isEmpty()
                                            ? Optional.empty()
                                            : Optional.of(oil.stream()
                                                    .mapToDouble(o -> o)
                                                    .average()
                                                    .orElseThrow())));
        }

        /** How fast each crank chamber of a two-stroke lost its pressure. */
        void hold(CrankcaseHold held) {
            if (engine.cycle() != Cycle.TWO_STROKE) {
                return;
            }
            for (CylinderNumber n : engine.arrangement().cylinders()) {
                held.under(n).pressure().ifPresent(run -> {
                    double from = run.startKPa().orElse(0.0);
                    double seconds = run.seconds().orElse(0.0);
                    if (run.endKPa().isEmpty() || from <= HOLD_KPA || seconds <= 0) {
                        return;
                    }
                    double minutes = seconds / 60;
                    double left = Math.min(1, run.endKPa().get() / from);
                    double lost = 100 * (1 - Math.pow(left, 1 / minutes));
                    measured.add(Measured.points(
                            Measure.CRANKCASE_LOSS,
                            Optional.of(n),
                            lost,
                            100 * HOLD_KPA * Math.sqrt(2) / from / minutes,
                            run.endKPa().get() == 0,
                            Measured.Range.PER_CENT));
                    settings.putIfAbsent(Measure.CRANKCASE_LOSS, Settings.NONE.sized(Facet.HELD_FROM, run.startKPa()));
                });
            }
        }

        private static long cylinders(CompressionPass p) {
            return p.counting().map(CompressionReading::cylinder).distinct().count();
        }

        /** A gauge is known by its scale and its volumes; empty where nothing of it was written down. */
        private static Optional<String> gauge(Conditions c) {
            String name = c.gauge()
                            .fullScale()
                            .map(p -> Long.toString(Math.round(p.kPa())))
                            .orElse("?")
                    + " kPa, division "
                    + c.gauge()
                            .division()
                            .map(p -> Long.toString(Math.round(p.kPa())))
                            .orElse("?");
            return c.gauge().fullScale().isEmpty() && c.gauge().division().isEmpty()
                    ? Optional.empty()
                    : Optional.of(name);
        }

        /** The last attempt of each cylinder before anything was moved; on the master tester where its own is known. */
        void leakdown() {
            Map<CylinderNumber, List<LeakdownReading>> first = new LinkedHashMap<>();
            record.all(LeakdownReading.class).stream()
                    .filter(r -> r.counts()
                            && r.kind() == LeakdownKind.STANDARD
                            && r.doneBefore().isEmpty()
                            && r.tester().kind() != LeakdownTester.TesterKind.ZONES)
                    .forEach(r -> first.computeIfAbsent(r.cylinder(), c -> new ArrayList<>())
                            .add(r));
            first.forEach((n, attempts) -> {
                LeakdownReading last = attempts.get(attempts.size() - 1);
                List<LeakdownReading> alike = attempts.stream()
                        .filter(a ->
                                a.tester().equals(last.tester()) && a.state().equals(last.state()))
                        .toList();
                double mean = alike.stream()
                        .mapToDouble(LeakdownReading::percent)
                        .average()
                        .orElseThrow();
                double sigma = learnt.noise(Instrument.LEAKDOWN) * last.sigmaPoints() / Math.sqrt(alike.size());
                measured.add(Measured.points(
                        Measure.LEAKDOWN,
                        Optional.of(n),
                        onMaster(last.tester(), mean),
                        sigma,
                        mean >= END_OF_DIAL,
                        Measured.Range.PER_CENT));
                settings.merge(
                        Measure.LEAKDOWN,
                        Settings.NONE
                                .with(Facet.TESTER, Optional.of(last.tester().name()))
                                .with(
                                        Facet.KNOWN_ORIFICE,
                                        Optional.of(
                                                last.tester()
                                                                .holes(record.ambient()
                                                                        .pressure())
                                                                .isPresent()
                                                        ? last.tester().calibrated() ? "calibrated" : "stated"
                                                        : "unknown"))
                                .chosen(Facet.STATE, last.state()),
                        (a, b) -> a);
            });
        }

        private double onMaster(LeakdownTester tester, double percent) {
            Optional<TwoHoles> own = tester.holes(record.ambient().pressure());
            TwoHoles master =
                    LeakdownTester.MASTER.holes(Pressure.STANDARD_ATMOSPHERE).orElseThrow();
            double told = Math.min(END_OF_DIAL, percent);
            return own.map(h -> master.percent(master.settlesAt(h.leak(h.cylinderPressure(told)))))
                    .orElse(told);
        }

        void blowby() {
            at(BlowbyPoint.IDLE, Measure.BLOWBY_IDLE);
            at(BlowbyPoint.HELD, Measure.BLOWBY_HELD);
            at(BlowbyPoint.LOADED, Measure.BLOWBY_LOADED);
        }

        private void at(BlowbyPoint point, Measure measure) {
            List<BlowbyReading> readings = record.all(BlowbyReading.class).stream()
                    .filter(r -> r.counts()
                            && r.point() == point
                            && r.ventilation() == CrankcaseVent.SHUT
                            && r.orifice().isPresent()
                            && r.pressure().pa() > 0)
                    .toList();
            if (readings.isEmpty()) {
                return;
            }
            BlowbyReading last = readings.get(readings.size() - 1);
            double pa = last.pressure().pa();
            double flow = last.orifice()
                    .orElseThrow()
                    .litresPerMinute(last.pressure(), last.gas().orElse(BlowbyAnalyst.USUAL_GAS));
            measured.add(Measured.share(
                    measure, Optional.empty(), flow, Math.hypot(last.sigma().pa() / pa / 2, FLOW_SHARE), false));
            settings.put(
                    measure,
                    Settings.NONE
                            .with(
                                    Facet.ORIFICE,
                                    last.orifice().map(o -> o.diameter().mm() + " mm"))
                            .chosen(Facet.GAUGE, Optional.of(last.instrument()))
                            .sized(Facet.SPEED, last.speed().map(s -> s.rpm())));
        }
    }
}
