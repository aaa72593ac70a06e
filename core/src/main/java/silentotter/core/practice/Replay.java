package silentotter.core.practice;

import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.CompressionReading;
import silentotter.core.compression.Conditions;
import silentotter.core.compression.PassKind;
import silentotter.core.engine.Arrangement;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.examination.TestKind;
import silentotter.core.hidden.Revealed;
import silentotter.core.job.JobRecord;
import silentotter.core.job.Observation;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;
import silentotter.core.leakdown.LeakdownReading.RunState;
import silentotter.core.leakdown.Place;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Volume;

/**
 * What somebody with good eyes and ears would have written down of what was done, deed by deed: with its slips of the hand, as
 * they are not seen in a reading, and without those of the pen.
 */
final class Replay {
    private static final double DIVISION_KPA = 10;

    private final PracticeCase of;
    private final PracticeBench bench;
    private final List<Shown> shown;

    Replay(PracticeCase of, PracticeBench bench) {
        this.of = of;
        this.bench = bench;
        this.shown = bench.shown();
    }

    /** What each deed showed, in order. */
    List<Shown> shown() {
        return shown;
    }

    /** Which tests were done by then. */
    Set<TestKind> done(int deeds) {
        Set<TestKind> done = EnumSet.noneOf(TestKind.class);
        shown.subList(0, deeds).forEach(s -> s.deed().kind().test().ifPresent(done::add));
        return done;
    }

    /** What is known after so many deeds. */
    JobRecord record(int deeds) {
        return record(deeds, Optional.empty());
    }

    /** The same with one test more, as a careful workshop would have done it. */
    JobRecord record(int deeds, Optional<TestKind> more) {
        JobRecord whole = of.bench().job().record();
        Revealed revealed = Revealed.nothing(whole);
        Set<TestKind> seen = done(deeds);
        // These two are read by hand; all else was seen as it is.
        seen.remove(TestKind.COMPRESSION);
        seen.remove(TestKind.LEAKDOWN);
        more.ifPresent(seen::add);
        for (TestKind test : seen) {
            revealed = revealed.and(test, whole.engine().arrangement().cylinders());
        }
        List<Observation> all = new ArrayList<>(revealed.record().observed());
        pass(PassKind.DRY, deeds).ifPresent(all::add);
        pass(PassKind.WET, deeds).ifPresent(all::add);
        for (int i = 0; i < deeds; i++) {
            if (shown.get(i).deed().kind() == DeedKind.AIR) {
                all.add(aired(i));
            }
        }
        return new JobRecord(whole.engine(), whole.job(), all);
    }

    private Optional<CompressionPass> pass(PassKind kind, int deeds) {
        List<CompressionReading> readings = new ArrayList<>();
        for (int i = 0; i < deeds; i++) {
            Deed deed = shown.get(i).deed();
            Double oil = bench.before(i).oilMl().get(deed.cylinder());
            if (deed.kind() == DeedKind.CRANK && (oil != null) == (kind == PassKind.WET)) {
                List<Double> strokes = shown.get(i).strokesKPa();
                double kPa = Math.rint(strokes.get(strokes.size() - 1) / DIVISION_KPA) * DIVISION_KPA;
                readings.add(new CompressionReading(
                        deed.number(),
                        i,
                        List.of(Pressure.ofKPa(kPa)),
                        true,
                        Optional.ofNullable(oil).map(Volume::ofMillilitres),
                        Optional.empty(),
                        Instant.EPOCH));
            }
        }
        return readings.isEmpty() ? Optional.empty() : Optional.of(new CompressionPass(kind, conditions(), readings));
    }

    private Conditions conditions() {
        return of.bench().job().record().all(CompressionPass.class).stream()
                .map(CompressionPass::conditions)
                .findFirst()
                .orElseThrow();
    }

    private LeakdownReading aired(int i) {
        Shown air = shown.get(i);
        CylinderNumber cylinder = air.deed().number();
        Pressure supply = Pressure.ofKPa(air.gauges().get(0));
        Map<Place, Heard> heard = new EnumMap<>(Place.class);
        Map<CylinderNumber, Heard> beside = new HashMap<>();
        Arrangement arrangement = of.bench().engine().arrangement();
        for (LeakSound sound : air.sounds()) {
            if (sound.place() == Place.NEIGHBOUR) {
                arrangement
                        .neighbours(cylinder)
                        .forEach(n -> beside.put(n, n.value() == air.beside() ? sound.heard() : Heard.NOTHING));
            } else {
                heard.put(sound.place(), sound.heard());
            }
        }
        return new LeakdownReading(
                cylinder,
                i,
                LeakdownKind.STANDARD,
                of.bench().tester(),
                LeakdownReading.percentLost(Pressure.ofKPa(Math.min(air.gauges().get(1), supply.kPa())), supply),
                Optional.of(bench.before(i).hot() ? RunState.HOT : RunState.COLD),
                Optional.empty(),
                heard,
                beside,
                Set.copyOf(arrangement.neighbours(cylinder)),
                List.of(),
                Optional.empty());
    }
}
