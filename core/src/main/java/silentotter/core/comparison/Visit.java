package silentotter.core.comparison;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.blowby.BlowbyAnalyst;
import silentotter.core.blowby.BlowbyPoint;
import silentotter.core.blowby.BlowbyReading;
import silentotter.core.blowby.CrankcaseVent;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.CompressionReading;
import silentotter.core.compression.Conditions;
import silentotter.core.compression.CylinderValue;
import silentotter.core.compression.PassKind;
import silentotter.core.diagnosis.StartingNoise;
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
import silentotter.core.quantity.Pressure;

/**
 * What was measured of an engine on one day, and how.
 *
 * @param job number of the job
 * @param hours on the meter; empty where it is not known, or belongs to another engine
 * @param baseline whether it was taken as one: at hand-over, or after a rebuild
 * @param settings how it was measured
 */
public record Visit(
        long job,
        LocalDate date,
        Optional<Double> hours,
        Optional<Double> distanceKm,
        String complaint,
        boolean baseline,
        List<Measured> measured,
        Map<Measure, Settings> settings) {
    /** Of a share that a blow-by reading is off by for its edge and its gas. Trade practice. */
    private static final double FLOW_SHARE = .05;

    private static final double LEAST_KPA = 1;
    private static final double END_OF_DIAL = 99.5;

    public Visit {
        measured = List.copyOf(measured);
        settings = Map.copyOf(settings);
    }

    /** @param learnt the noise of the shop's gauges, where its repeats have shown it */
    public static Visit of(long job, JobRecord record, Learnt learnt) {
        Reader reader = new Reader(record, learnt);
        reader.compression();
        reader.leakdown();
        reader.blowby();
        Examination seen = record.last(Examination.class, Examination.EMPTY);
        boolean otherMeter = seen.intake().meterFromOtherEngine().orElse(false);
        return new Visit(
                job,
                record.job().date(),
                record.job().hours().filter(h -> !otherMeter),
                record.job().distanceKm().filter(d -> !otherMeter),
                record.job().complaint(),
                seen.intake().purpose().filter(p -> p == Purpose.BASELINE).isPresent(),
                reader.measured,
                reader.settings);
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
                            .with(Facet.RELEASE, Optional.of(c.isReleased(engine) ? "letting out" : "none"))
                            .sized(
                                    Facet.STROKES,
                                    c.length()
                                            .map(l -> l.strokes(engine.cycle(), c.crankingSpeed())
                                                    .best()))
                            .sized(Facet.SPEED, c.crankingSpeed().map(s -> s.rpm())));
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
                        Measure.LEAKDOWN, Optional.of(n), onMaster(last.tester(), mean), sigma, mean >= END_OF_DIAL));
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
