package silentotter.core.diagnosis;

import static java.util.Map.entry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import silentotter.core.blowby.GaugeCheck;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.finding.ReadingFault;
import silentotter.core.finding.ReadingFaultKind;
import silentotter.core.finding.Said;
import silentotter.core.inference.ReadingDoubt;
import silentotter.core.inference.ReadingDoubt.Kind;
import silentotter.core.inference.ReadingDoubt.Test;
import silentotter.core.inference.SealAnswer;
import silentotter.core.wording.Say;

/**
 * Readings that may be wrong: by the model, where another reading contradicts them, and by rules beside it for what is no
 * fault of the engine. A reading is named, its cause is a detail: naming one cause each would leave a clearly false reading
 * below the threshold.
 */
final class Doubts {
    static final double NAMED = .5;
    static final double MEASURE_AGAIN = .25;
    private static final double LISTED = .1;

    /** What a rule sees with its own eyes is called wrong; what it only suspects is worth repeating. */
    private static final Map<ReadingFaultKind, Rule> RULES = Map.ofEntries(
            entry(ReadingFaultKind.NEAR_FULL_SCALE, new Rule("FULL_SCALE", .9)),
            entry(ReadingFaultKind.NEEDLE_DROPS, new Rule("CHECK_VALVE", .9)),
            entry(ReadingFaultKind.THROTTLE_SHUT, new Rule("THROTTLE", .9)),
            entry(ReadingFaultKind.COMPRESSION_RELEASE, new Rule("RELEASE", .6)),
            entry(ReadingFaultKind.UNIT_DOUBTED, new Rule("UNIT", .9)),
            entry(ReadingFaultKind.DECIMAL_DOUBTED, new Rule("MISTYPED", .8)),
            entry(ReadingFaultKind.FALLING_IN_ORDER, new Rule("CRANKING", .6)),
            entry(ReadingFaultKind.REPEATS_DIFFER, new Rule("REPEATS_DIFFER", .6)),
            entry(ReadingFaultKind.UNEQUAL_STROKES, new Rule("UNEQUAL_STROKES", .5)),
            entry(ReadingFaultKind.ALL_HIGH, new Rule("TESTER", .4)),
            entry(ReadingFaultKind.DRIFTING, new Rule("DRIFTING", .5)));

    /** What only makes the level say nothing, in words; it contradicts nothing. */
    static final Map<String, String> NO_LEVEL = Map.of(
            "RELEASE", "the release lets pressure out",
            "THROTTLE", "behind a shut throttle",
            "FULL_SCALE", "the gauge stood at its end",
            "CHECK_VALVE", "the gauge does not hold");

    private record Rule(String kind, double probability) {}

    private record Reading(Test test, int cylinder) {}

    private Doubts() {}

    static List<DoubtedReading> of(Engine engine, SealAnswer answer, Results results, Said said) {
        List<DoubtedReading> all = new ArrayList<>();
        byModel(answer, results, all);
        Stream.concat(results.compression().faults().stream(), results.leakdown().faults().stream())
                .filter(f -> RULES.containsKey(f.kind()))
                .forEach(f -> all.add(byRule(f, RULES.get(f.kind()))));
        results.oil()
                .faults()
                .forEach(f -> all.add(new DoubtedReading(
                        "OIL", List.of(), Optional.of(f.kind().name()), .7, true, f.says(), f.check())));
        for (GaugeCheck check : results.blowby().checks()) {
            if (!check.agree()) {
                all.add(new DoubtedReading(
                        "BLOWBY",
                        List.of(),
                        Optional.of("GAUGES_DISAGREE"),
                        .8,
                        true,
                        check.says(),
                        "Read both again at the same moment."));
            }
        }
        all.sort(Comparator.comparingDouble(DoubtedReading::probability).reversed());
        return all;
    }

    private static DoubtedReading byRule(ReadingFault f, Rule rule) {
        return new DoubtedReading(
                f.test().name(),
                f.cylinders(),
                Optional.of(rule.kind()),
                rule.probability(),
                rule.probability() >= NAMED,
                f.text(),
                f.remedy());
    }

    private static void byModel(SealAnswer answer, Results results, List<DoubtedReading> to) {
        Map<Reading, Double> sums = new LinkedHashMap<>();
        Map<Reading, ReadingDoubt> most = new LinkedHashMap<>();
        Map<Reading, Double> swaps = new LinkedHashMap<>();
        for (ReadingDoubt d : answer.doubts()) {
            if (d.kind() == Kind.SWAPPED) {
                if (d.probability() >= LISTED) {
                    to.add(swapped(d));
                }
                swaps.merge(new Reading(d.test(), d.cylinder()), d.probability(), Double::sum);
                continue;
            }
            Reading at = new Reading(d.test(), d.cylinder());
            sums.merge(at, d.probability(), Double::sum);
            most.merge(at, d, (a, b) -> a.probability() >= b.probability() ? a : b);
        }
        sums.forEach((at, p) -> {
            ReadingDoubt top = most.get(at);
            // Nothing on this cylinder contradicts it: one low reading is as likely a fault, and repeating it is habit.
            boolean alone = at.test() == Test.COMPRESSION
                    && !results.leakdown().cylinders().containsKey(CylinderNumber.of(at.cylinder() + 1))
                    && top.kind() == Kind.ADAPTER;
            if (p < (alone ? NAMED : LISTED)) {
                return;
            }
            Optional<Kind> kind = Optional.of(top.kind()).filter(k -> top.probability() >= .5 * p);
            CylinderNumber c = CylinderNumber.of(at.cylinder() + 1);
            to.add(new DoubtedReading(
                    at.test().name(),
                    List.of(c),
                    kind.map(Kind::name),
                    Math.min(1, p),
                    p >= NAMED,
                    text(at.test(), c, kind, p),
                    remedy(at.test(), c, kind)));
        });
    }

    private static DoubtedReading swapped(ReadingDoubt d) {
        List<CylinderNumber> pair = List.of(CylinderNumber.of(d.cylinder() + 1), CylinderNumber.of(d.other() + 1));
        String test = d.test() == Test.COMPRESSION ? "Compression" : "Leak-down";
        return new DoubtedReading(
                d.test().name(),
                pair,
                Optional.of("SWAPPED"),
                d.probability(),
                d.probability() >= NAMED,
                test + " of " + Say.cylinders(pair) + " may be written down the wrong way round.",
                "Read one of the two again.");
    }

    private static String text(Test test, CylinderNumber c, Optional<Kind> kind, double p) {
        String what = (test == Test.COMPRESSION ? "Compression" : "Leak-down") + " of cylinder " + Say.cylinder(c);
        String how = kind.map(k -> ": " + cause(test, k)).orElse("");
        return what + (p >= NAMED ? " is probably wrong" : " is worth repeating") + how + ".";
    }

    private static String cause(Test test, Kind kind) {
        return switch (kind) {
            case WRONG_STROKE -> "it may stand on the wrong stroke";
            case ADAPTER -> test == Test.COMPRESSION ? "the adapter may not have sealed" : "hose or adapter may leak";
            case UNIT -> "it looks like another unit";
            default -> "it looks mistyped";
        };
    }

    private static String remedy(Test test, CylinderNumber c, Optional<Kind> kind) {
        String again = test == Test.COMPRESSION
                ? "Read compression of " + Say.cylinder(c) + " again"
                : "Read leak-down of " + Say.cylinder(c) + " again";
        return kind.map(k -> switch (k) {
                    case WRONG_STROKE -> "Turn 360° in running direction, then read " + Say.cylinder(c) + " again.";
                    case ADAPTER ->
                        test == Test.COMPRESSION
                                ? again + ", with a fresh seal on the adapter."
                                : "Soap hose and adapter, then read " + Say.cylinder(c) + " again.";
                    case UNIT -> "Check the unit of " + Say.cylinder(c) + ".";
                    default -> again + ".";
                })
                .orElse(again + ".");
    }
}
