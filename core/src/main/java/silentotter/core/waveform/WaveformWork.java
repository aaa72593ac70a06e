package silentotter.core.waveform;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.hipparchus.stat.StatUtils;
import silentotter.core.compression.CompressionAnalyst;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.CrankingConditions;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.finding.Said;
import silentotter.core.finding.Shop;
import silentotter.core.job.JobRecord;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Volume;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.CrankingTwin;
import silentotter.core.waveform.WaveformResult.CrankedPeak;
import silentotter.core.waveform.WaveformResult.CylinderShare;

/** Waveforms in the round. */
public final class WaveformWork {
    /** The starter comes up to speed, and a cylinder fills, within so many strokes. */
    private static final int SKIPPED = 2;

    private static final int STEADY = 3;
    /** A transducer in the plug hole adds hardly any room, mL. */
    private static final double NO_ROOM_ML = .05;

    private static final int GAUGE_STROKES = 8;

    private final JobRecord record;
    private final Engine engine;

    private WaveformWork(JobRecord record) {
        this.record = record;
        this.engine = record.engine();
    }

    public static Said read(JobRecord record, Shop shop, Said before) {
        List<Waveform> all = record.all(Waveform.class);
        if (all.isEmpty()) {
            return before;
        }
        WaveformWork work = new WaveformWork(record);
        WaveformAnalysis analysis =
                new WaveformAnalysis(all.stream().map(work::result).toList());
        return before.and(analysis).found(WaveformRules.read(analysis));
    }

    private WaveformResult result(Waveform w) {
        return w.kind() == WaveformKind.CRANKING_PRESSURE ? pressure(w) : shares(w);
    }

    private double degrees() {
        return engine.cycle() == Cycle.TWO_STROKE ? 360 : 720;
    }

    /** @param perCycle strokes of a cycle */
    private Optional<Double> rpm(List<Stroke> strokes, int perCycle) {
        double apart = apart(strokes);
        return Double.isNaN(apart) ? Optional.empty() : Optional.of(degrees() / 360 * 60 / (apart * perCycle));
    }

    private static double apart(List<Stroke> strokes) {
        return Stroke.apart(strokes.stream().map(Stroke::seconds).toList());
    }

    // ---- one cylinder

    private WaveformResult pressure(Waveform w) {
        Optional<Double> rpm = rpm(w.strokes(), 1);
        List<Integer> places = places(w);
        List<Stroke> steady = w.strokes()
                .subList(Math.max(0, w.strokes().size() - STEADY), w.strokes().size());
        if (w.strokes().size() < STEADY || w.cylinder().isEmpty()) {
            return new WaveformResult(
                    w.kind(), w.name(), rpm, places, List.of(), Optional.empty(), "Too few strokes to say anything.");
        }
        double mean = steady.stream().mapToDouble(Stroke::value).average().orElseThrow();
        double sigma = sigma(steady.stream().map(Stroke::value).toList());
        Optional<Pressure> gauge = rpm.flatMap(r -> asGauge(mean, r));
        return new WaveformResult(
                w.kind(),
                w.name(),
                rpm,
                places,
                List.of(),
                Optional.of(new CrankedPeak(
                        w.cylinder().get(), Pressure.ofKPa(Math.max(0, mean)), Pressure.ofKPa(sigma), gauge)),
                gauge.isPresent()
                        ? "Peaks without a check valve; a usual gauge would hold what stands beside them. Computed, and kept"
                                + " apart from gauge readings."
                        : "Peaks without a check valve. Without bore, stroke and ratio they cannot be compared with a gauge.");
    }

    private Optional<Pressure> asGauge(double peakKPa, double rpm) {
        return engine.size().geometry(engine.assumedRatio()).map(geometry -> {
            CrankingSetup setup = CrankingConditions.setup(
                            engine,
                            geometry,
                            record.ambient(),
                            CompressionAnalyst.dryConditions(record.all(CompressionPass.class)))
                    .withSpeed(CrankSpeed.ofRpm(Math.max(40, Math.min(1000, rpm))))
                    .withStrokes(GAUGE_STROKES);
            Volume none = Volume.ofMillilitres(NO_ROOM_ML);
            double factor = CrankingTwin.finalReading(setup).kPa()
                    / CrankingTwin.finalReading(setup.withGauge(none, none)).kPa();
            return Pressure.ofKPa(Math.max(0, peakKPa * factor));
        });
    }

    // ---- all cylinders

    private WaveformResult shares(Waveform w) {
        List<CylinderNumber> order = engine.firingOrder()
                .map(f -> f.cylinders())
                .orElseGet(() -> engine.arrangement().cylinders());
        int n = order.size();
        Optional<Double> rpm = rpm(w.strokes(), n);
        List<Integer> places = places(w);
        boolean sure = engine.firingOrder().isPresent() || n < 3;
        if (w.first().isEmpty() || !sure || w.strokes().size() < n + SKIPPED) {
            return new WaveformResult(
                    w.kind(),
                    w.name(),
                    rpm,
                    places,
                    List.of(),
                    Optional.empty(),
                    !sure
                            ? "Say the firing order first: then each stroke has its cylinder."
                            : w.first().isEmpty()
                                    ? "Mark one stroke of the first cylinder in the firing order: then each has its own."
                                    : "Too few strokes: every cylinder has to come once, after the starter has come to speed.");
        }
        Map<CylinderNumber, List<Double>> values = byCylinder(w, order, places);
        double highest = values.values().stream()
                .mapToDouble(v -> v.stream().mapToDouble(d -> d).average().orElse(0))
                .max()
                .orElse(0);
        List<CylinderShare> shares = new ArrayList<>();
        if (highest > 0) {
            new TreeMap<>(values).forEach((c, v) -> {
                double mean = v.stream().mapToDouble(d -> d).average().orElse(0);
                shares.add(new CylinderShare(
                        c,
                        100 * Math.max(0, mean) / highest,
                        100 * sigma(v) / Math.sqrt(Math.max(1, v.size())) / highest,
                        v.size()));
            });
        }
        return new WaveformResult(
                w.kind(),
                w.name(),
                rpm,
                places,
                shares,
                Optional.empty(),
                w.kind() == WaveformKind.STARTER_CURRENT
                        ? "Per cent of the cylinder that asks most of the starter. It tells which one is low, never how tight"
                                + " any is; friction and a tired battery are in it."
                        : "Per cent of the highest pulse. Where gas gets past rings, its cylinder pulses higher.");
    }

    private Map<CylinderNumber, List<Double>> byCylinder(Waveform w, List<CylinderNumber> order, List<Integer> places) {
        int n = order.size();
        List<Stroke> strokes = w.strokes();
        Map<CylinderNumber, List<Double>> values = new TreeMap<>();
        order.forEach(c -> values.put(c, new ArrayList<>()));
        for (int i = Math.min(SKIPPED, strokes.size()); i < strokes.size(); i++) {
            values.get(order.get(Math.floorMod(places.get(i), n)))
                    .add(strokes.get(i).value());
        }
        return values;
    }

    /** How many strokes after the first cylinder's each comes; one that was not seen leaves its place free. */
    private static List<Integer> places(Waveform w) {
        List<Stroke> strokes = w.strokes();
        double apart = apart(strokes);
        int[] places = new int[strokes.size()];
        for (int i = 1; i < places.length; i++) {
            double gap = strokes.get(i).seconds() - strokes.get(i - 1).seconds();
            places[i] = places[i - 1] + (int) Math.max(1, Math.round(gap / apart));
        }
        int zero = places.length == 0 ? 0 : places[w.first().orElse(0)];
        return IntStream.of(places).map(p -> p - zero).boxed().toList();
    }

    private static double sigma(List<Double> values) {
        return values.size() < 2
                ? 0
                : Math.sqrt(
                        StatUtils.variance(values.stream().mapToDouble(v -> v).toArray()));
    }
}
