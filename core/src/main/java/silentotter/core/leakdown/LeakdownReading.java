package silentotter.core.leakdown;

import java.util.Map;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.instruments.LeakdownTester;

/**
 * One attempt at one cylinder. Attempts are kept, never overwritten.
 *
 * @param order place in the sequence in which they were taken
 * @param percent on the tester's dial, or from its two gauges; 0 to 99.5
 * @param doneBefore what was done since the attempt before
 * @param heard by place, only where somebody listened
 * @param neighbour which neighbour was listened at, where one was
 * @param neighbourExcluded whether the way through an open valve was plugged before the neighbour was listened at
 * @param setAside why the attempt is left out; empty when it counts
 */
public record LeakdownReading(
        CylinderNumber cylinder,
        int order,
        LeakdownKind kind,
        LeakdownTester tester,
        double percent,
        Optional<RunState> state,
        Optional<DoneBefore> doneBefore,
        Map<Place, Heard> heard,
        Optional<CylinderNumber> neighbour,
        boolean neighbourExcluded,
        Optional<String> setAside) {
    private static final double NINETY_FIVE = 1.96;

    public LeakdownReading {
        heard = Map.copyOf(heard);
    }

    public boolean counts() {
        return setAside.isEmpty();
    }

    /** One standard deviation of the reading in points: hot 1.5 + 5 % of it, warm 2 + 7 %, cold or on a stand 3 + 10 %. */
    public double sigmaPoints() {
        return switch (state.orElse(RunState.WARM)) {
            case HOT -> 1.5 + 0.05 * percent;
            case WARM -> 2 + 0.07 * percent;
            case COLD, ON_STAND -> 3 + 0.1 * percent;
        };
    }

    /** Whether two attempts differ by more than the test repeats, 19 times in 20. */
    boolean differsFrom(LeakdownReading other) {
        return Math.abs(percent - other.percent) > NINETY_FIVE * Math.hypot(sigmaPoints(), other.sigmaPoints());
    }

    double lowPercent() {
        return Math.max(0, percent - NINETY_FIVE * sigmaPoints());
    }

    double highPercent() {
        return Math.min(99.5, percent + NINETY_FIVE * sigmaPoints());
    }

    boolean heardAt(Place place, Heard least) {
        Heard h = heard.get(place);
        return h != null && h.compareTo(least) >= 0;
    }

    /** How many places were listened at and reached. */
    long listenedAt() {
        return heard.values().stream().filter(h -> h != Heard.CANNOT_BE_REACHED).count();
    }

    boolean heardAnywhere() {
        return heard.values().stream().anyMatch(h -> h.compareTo(Heard.FAINT) >= 0);
    }
}
