package silentotter.core.planning;

import java.util.EnumMap;
import java.util.Map;
import silentotter.core.examination.TestKind;
import silentotter.core.round.Station;

/**
 * Where each test is done, what it takes and what state the engine is in for it. Minutes are those of one who has done it
 * before, set-up apart; trade practice.
 */
public final class TestTable {
    /** What state the engine is in for a test. */
    enum Phase {
        STOOD,
        RUNNING,
        OPEN,
        AFTERWARDS
    }

    private record Row(Station station, double fixed, double each, Phase phase) {}

    private static final Map<TestKind, Row> ROWS = new EnumMap<>(Map.ofEntries(
            Map.entry(TestKind.LOOK, new Row(Station.SIGNS, 10, 0, Phase.STOOD)),
            Map.entry(TestKind.GAS_TEST, new Row(Station.SIGNS, 10, 0, Phase.STOOD)),
            Map.entry(TestKind.SMOKE, new Row(Station.SMOKE, 8, 0, Phase.STOOD)),
            Map.entry(TestKind.CRANKCASE, new Row(Station.CRANKCASE, 15, 0, Phase.STOOD)),
            Map.entry(TestKind.BLOWBY, new Row(Station.BLOWBY, 10, 0, Phase.RUNNING)),
            Map.entry(TestKind.PLUGS, new Row(Station.PLUGS, 1, .8, Phase.OPEN)),
            Map.entry(TestKind.INSIDE, new Row(Station.INSIDE, 2, 2, Phase.OPEN)),
            Map.entry(TestKind.COMPRESSION, new Row(Station.COMPRESSION, 5, 2, Phase.OPEN)),
            Map.entry(TestKind.WET, new Row(Station.COMPRESSION, 0, 3, Phase.OPEN)),
            Map.entry(TestKind.CLEARANCE, new Row(Station.LEAKDOWN, 6, 4, Phase.OPEN)),
            Map.entry(TestKind.LEAKDOWN, new Row(Station.LEAKDOWN, 0, 5, Phase.OPEN)),
            Map.entry(TestKind.TAP, new Row(Station.LEAKDOWN, 1, 5, Phase.OPEN)),
            Map.entry(TestKind.OIL_TRIAL, new Row(Station.OIL, 25, 0, Phase.AFTERWARDS))));

    private TestTable() {}

    /** Where it is done. */
    public static Station station(TestKind test) {
        return ROWS.get(test).station();
    }

    static Phase phase(TestKind test) {
        return ROWS.get(test).phase();
    }

    /** Minutes on some cylinders; 0 cylinders for a test of the whole engine. */
    public static double minutes(TestKind test, int cylinders) {
        return ROWS.get(test).fixed() + ROWS.get(test).each() * cylinders;
    }
}
