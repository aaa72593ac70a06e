package silentotter.core.hidden;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.compression.CylinderResult;
import silentotter.core.compression.CylinderResult.Standing;
import silentotter.core.compression.WetResult.WetOutcome;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Family;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.leakdown.CylinderLeak;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.Place;
import silentotter.core.oil.OilAnalysis;
import silentotter.core.plugs.PlugLook;
import silentotter.core.signs.Signs;
import silentotter.core.signs.Smoke.SmokeColour;
import silentotter.core.signs.Smoke.SmokeMoment;

/**
 * What plain rules would say of the same readings, to be beaten: the pattern table of the trade, row by row, and "the
 * highest leak wins".
 */
final class Baselines {
    private static final double HIGH_LEAK = 20;
    private static final double OIL_PER_1000_KM = .5;

    private Baselines() {}

    /** Suspects in the order in which the rows of the pattern table speak, the most specific first. */
    static List<Suspected> patterns(Interpretation said, Signs signs) {
        List<Suspected> rows = new ArrayList<>();
        Map<CylinderNumber, CylinderResult> dry = said.compression().cylinders();
        Map<CylinderNumber, CylinderLeak> air = said.leakdown().cylinders();
        Map<CylinderNumber, PlugLook> plugs = said.seen().plugs().looks();
        List<CylinderNumber> all = said.engine().arrangement().cylinders();
        List<CylinderNumber> low =
                all.stream().filter(c -> is(dry, c, Standing.LOW)).toList();
        for (CylinderNumber c : low) {
            for (CylinderNumber other : said.engine().arrangement().neighbours(c)) {
                if (low.contains(other) && c.compareTo(other) < 0 && !sealed(said, c)) {
                    rows.add(new Suspected(Family.GASKET_BETWEEN, List.of(c.value(), other.value())));
                }
            }
        }
        List<CylinderNumber> suspicious = all.stream()
                .filter(c -> low.contains(c) || leak(air, c) >= HIGH_LEAK)
                .sorted(Comparator.comparingDouble((CylinderNumber c) -> -leak(air, c)))
                .toList();
        for (CylinderNumber c : suspicious) {
            if (heard(air, c, Place.COOLANT) || plugs.get(c) == PlugLook.WASHED) {
                rows.add(new Suspected(Family.WATER_ENTRY, List.of()));
            } else if (heard(air, c, Place.INTAKE) || heard(air, c, Place.EXHAUST)) {
                rows.add(new Suspected(Family.VALVE_LEAK, List.of(c.value())));
            } else if (loud(air, c, Place.CRANKCASE) || sealed(said, c)) {
                rows.add(new Suspected(Family.RINGS, List.of(c.value())));
            } else if (low.contains(c) && air.containsKey(c) && leak(air, c) < HIGH_LEAK) {
                rows.add(new Suspected(Family.VALVE_MOTION, List.of(c.value())));
            } else {
                rows.add(new Suspected(Family.VALVE_LEAK, List.of(c.value())));
                rows.add(new Suspected(Family.RINGS, List.of(c.value())));
            }
        }
        if (!air.isEmpty() && air.values().stream().allMatch(l -> l.reading().percent() >= HIGH_LEAK)) {
            rows.add(0, new Suspected(Family.EVEN_WEAR, List.of()));
        }
        if (plugs.containsValue(PlugLook.WASHED)) {
            rows.add(new Suspected(Family.WATER_ENTRY, List.of()));
        }
        boolean oil = said.said().of(OilAnalysis.class, OilAnalysis.NONE).axes().stream()
                .flatMap(a -> a.litresPer1000Km().stream())
                .anyMatch(r -> r.best() > OIL_PER_1000_KM);
        boolean smoke = signs.smokes(SmokeMoment.LOAD, SmokeColour.BLUE)
                || signs.smokes(SmokeMoment.START_AFTER_STANDING, SmokeColour.BLUE);
        boolean oily = plugs.values().stream().anyMatch(p -> p == PlugLook.OIL_WET || p == PlugLook.ASH);
        boolean wet = signs.leaks().containsValue(Signs.LeakAmount.DRIPS);
        if (oil || smoke || oily) {
            rows.add(new Suspected(wet && !oily ? Family.OUTSIDE_LEAK : Family.OIL_ENTRY, List.of()));
        } else if (wet) {
            rows.add(new Suspected(Family.OUTSIDE_LEAK, List.of()));
        }
        if (said.compression().allLowAndEven()) {
            rows.add(new Suspected(Family.CAM_TIMING, List.of()));
        }
        if (rows.isEmpty()) {
            rows.add(new Suspected(Family.NOTHING_WRONG, List.of()));
        }
        return rows.stream().distinct().toList();
    }

    /** The cylinder that leaks or lacks most is at fault, by where it is loudest. */
    static List<Suspected> highestLeak(Interpretation said) {
        Map<CylinderNumber, CylinderLeak> air = said.leakdown().cylinders();
        Map<CylinderNumber, CylinderResult> dry = said.compression().cylinders();
        Optional<CylinderNumber> worst = air.isEmpty()
                ? dry.entrySet().stream()
                        .filter(e -> e.getValue().value().isPresent())
                        .min(Comparator.comparingDouble(
                                e -> e.getValue().value().get().value().kPa()))
                        .map(Map.Entry::getKey)
                : air.entrySet().stream()
                        .max(Comparator.comparingDouble(
                                e -> e.getValue().reading().percent()))
                        .map(Map.Entry::getKey);
        return worst.map(c -> {
                    boolean valve = heard(air, c, Place.INTAKE) || heard(air, c, Place.EXHAUST);
                    List<Integer> at = List.of(c.value());
                    return valve
                            ? List.of(new Suspected(Family.VALVE_LEAK, at), new Suspected(Family.RINGS, at))
                            : List.of(new Suspected(Family.RINGS, at), new Suspected(Family.VALVE_LEAK, at));
                })
                .orElse(List.of());
    }

    private static boolean is(Map<CylinderNumber, CylinderResult> dry, CylinderNumber c, Standing standing) {
        return dry.containsKey(c) && dry.get(c).standing() == standing;
    }

    private static boolean sealed(Interpretation said, CylinderNumber c) {
        return said.compression()
                .wet(c)
                .filter(w -> w.outcome() == WetOutcome.RINGS_SEALED)
                .isPresent();
    }

    private static double leak(Map<CylinderNumber, CylinderLeak> air, CylinderNumber c) {
        return air.containsKey(c) ? air.get(c).reading().percent() : 0;
    }

    private static boolean heard(Map<CylinderNumber, CylinderLeak> air, CylinderNumber c, Place place) {
        return loudness(air, c, place) >= Heard.FAINT.ordinal();
    }

    private static boolean loud(Map<CylinderNumber, CylinderLeak> air, CylinderNumber c, Place place) {
        return loudness(air, c, place) >= Heard.CLEAR.ordinal();
    }

    private static int loudness(Map<CylinderNumber, CylinderLeak> air, CylinderNumber c, Place place) {
        Heard h = air.containsKey(c) ? air.get(c).reading().heard().get(place) : null;
        return h == null ? 0 : h.ordinal();
    }
}
