package silentotter.core.outcome;

import static silentotter.core.examination.TestKind.BLOWBY;
import static silentotter.core.examination.TestKind.CLEARANCE;
import static silentotter.core.examination.TestKind.COMPRESSION;
import static silentotter.core.examination.TestKind.CRANKCASE;
import static silentotter.core.examination.TestKind.GAS_TEST;
import static silentotter.core.examination.TestKind.INSIDE;
import static silentotter.core.examination.TestKind.LEAKDOWN;
import static silentotter.core.examination.TestKind.LOOK;
import static silentotter.core.examination.TestKind.OIL_TRIAL;
import static silentotter.core.examination.TestKind.PLUGS;
import static silentotter.core.examination.TestKind.SMOKE;
import static silentotter.core.examination.TestKind.TAP;
import static silentotter.core.examination.TestKind.WET;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import silentotter.core.examination.TestKind;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.Family;

/** Which tests tell which fault, most telling first. Trade practice; the patterns of the whole round. */
final class Telling {
    private static final Map<Family, List<TestKind>> TABLE = new EnumMap<>(Map.of(
            Family.RINGS, List.of(LEAKDOWN, WET, COMPRESSION, INSIDE, BLOWBY),
            Family.EVEN_WEAR, List.of(LEAKDOWN, BLOWBY, COMPRESSION),
            Family.VALVE_LEAK, List.of(LEAKDOWN, COMPRESSION, TAP, CLEARANCE),
            Family.VALVE_MOTION, List.of(CLEARANCE, COMPRESSION, LEAKDOWN),
            Family.GASKET_BETWEEN, List.of(COMPRESSION, LEAKDOWN),
            Family.WATER_ENTRY, List.of(GAS_TEST, PLUGS, INSIDE, LEAKDOWN),
            Family.OIL_ENTRY, List.of(OIL_TRIAL, PLUGS, INSIDE, SMOKE),
            Family.OUTSIDE_LEAK, List.of(LOOK, OIL_TRIAL),
            Family.CAM_TIMING, List.of(COMPRESSION),
            Family.CRANKCASE_AIR, List.of(CRANKCASE)));

    private static final Map<EngineKind, Set<TestKind>> NOT_ON = Map.of(
            EngineKind.PETROL, EnumSet.of(CRANKCASE),
            EngineKind.DIESEL, EnumSet.of(CRANKCASE, PLUGS, WET),
            EngineKind.TWO_STROKE, EnumSet.of(BLOWBY, OIL_TRIAL, WET, CLEARANCE, TAP));

    private Telling() {}

    /** What would have told a fault of this family and was not done. */
    static List<TestKind> skipped(Family family, EngineKind kind, Set<TestKind> done) {
        return TABLE.getOrDefault(family, List.of()).stream()
                .filter(t -> !done.contains(t) && !NOT_ON.get(kind).contains(t))
                .toList();
    }
}
