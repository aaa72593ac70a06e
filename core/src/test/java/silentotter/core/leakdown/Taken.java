package silentotter.core.leakdown;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.leakdown.LeakdownReading.DoneBefore;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;
import silentotter.core.leakdown.LeakdownReading.RunState;

/** A reading as somebody takes it: cylinder, per cent, what was heard; on the master tester, hot. */
public final class Taken {
    private final int cylinder;
    private final double percent;
    private final Map<Place, Heard> heard = new HashMap<>();
    private LeakdownTester tester = LeakdownTester.MASTER;
    private LeakdownKind kind = LeakdownKind.STANDARD;
    private DoneBefore before;
    private final Map<CylinderNumber, Heard> neighbours = new HashMap<>();
    private List<Double> settling = List.of();
    private int order;

    private Taken(int cylinder, double percent) {
        this.cylinder = cylinder;
        this.percent = percent;
    }

    public Taken heard(Place place, Heard how) {
        heard.put(place, how);
        return this;
    }

    public Taken with(LeakdownTester t) {
        tester = t;
        return this;
    }

    public Taken after(DoneBefore done) {
        before = done;
        order = 10;
        return this;
    }

    public Taken neighbour(int n, Heard how) {
        neighbours.put(CylinderNumber.of(n), how);
        return this;
    }

    public Taken watched(Double... before) {
        settling = List.of(before);
        return this;
    }

    public Taken kind(LeakdownKind k) {
        kind = k;
        return this;
    }

    public LeakdownReading made() {
        return new LeakdownReading(
                CylinderNumber.of(cylinder),
                order,
                kind,
                tester,
                percent,
                Optional.of(RunState.HOT),
                Optional.ofNullable(before),
                heard,
                neighbours,
                Set.of(),
                settling,
                Optional.empty());
    }

    public static Taken on(int cylinder, double percent) {
        return new Taken(cylinder, percent);
    }

    public static LeakdownReading[] made(Taken... taken) {
        return Arrays.stream(taken).map(t -> t.made()).toArray(LeakdownReading[]::new);
    }
}
