package silentotter.core.blowby;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import silentotter.core.engine.Engine;
import silentotter.core.finding.Said;
import silentotter.core.finding.Shop;
import silentotter.core.job.JobRecord;
import silentotter.core.signs.Signs;

/** Blow-by in the round. */
public final class BlowbyWork {
    private BlowbyWork() {}

    /** @param signs what was seen of oil and breather: both are tied in */
    public static Said read(JobRecord record, Shop shop, Signs signs, Said before) {
        Engine engine = record.engine();
        BlowbyAnalyst analyst = new BlowbyAnalyst(engine, record.all(BlowbyReading.class));
        List<GaugeCheck> checks = analyst.checks();
        List<PointResult> points = analyst.points(checks);
        Optional<RingArea> rings =
                RingAreas.of(engine, analyst.geometry(), record.ambient().pressure(), points);
        BlowbyAnalysis said = new BlowbyAnalysis(
                points,
                checks,
                new BlowbySchools(engine, analyst, points)
                        .opinions(shop.choice(BlowbySchool.class, BlowbySchool.HOUSE_CEILING)),
                rings,
                notes(engine, points, rings));
        return before.and(said).found(BlowbyRules.read(engine, said, signs));
    }

    private static List<String> notes(Engine engine, List<PointResult> points, Optional<RingArea> rings) {
        List<String> notes = new ArrayList<>();
        if (points.stream().noneMatch(p -> p.flowLPerMin().isPresent())) {
            return notes;
        }
        notes.add("An opening that nobody saw lets gas past the orifice: then all of it reads low, by up to 30 %.");
        if (rings.isEmpty()) {
            notes.add("Bore and stroke are needed to say what ring area is behind the flow: enter them at Intake.");
        }
        if (engine.isBoosted()) {
            notes.add(
                    "Charge air past a turbo or blower seal, or air from a compressor on the engine, reads as blow-by.");
        }
        notes.add(
                "Where no hole of a cylinder can be reached, blow-by may say that gas gets past rings somewhere. It may not say"
                        + " on which cylinder, whether a valve or a gasket leaks, or that the oil ring is sound.");
        return notes;
    }
}
