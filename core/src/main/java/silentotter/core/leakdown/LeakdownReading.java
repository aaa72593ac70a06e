package silentotter.core.leakdown;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.job.Observation;
import silentotter.core.quantity.Pressure;

/**
 * One attempt at one cylinder. Attempts are kept, never overwritten.
 *
 * @param order place in the sequence in which they were taken
 * @param percent on the tester's dial, or from its two gauges; 0 to 100, where only "at least" can be said
 * @param doneBefore what was done since the attempt before
 * @param heard by place, only where somebody listened
 * @param neighbours what was heard at the plug holes of neighbours
 * @param excluded neighbours whose open valve was plugged off before somebody listened there
 * @param settling readings watched before the one that counts, oldest first; empty where only one was taken
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
        Map<CylinderNumber, Heard> neighbours,
        Set<CylinderNumber> excluded,
        List<Double> settling,
        Optional<String> setAside)
        implements Observation {
    /** Above this a dial only says "at least": any larger hole reads the same. */
    static final double END_OF_DIAL = 99.5;

    private static final double NINETY_FIVE = 1.96;
    /** Two readings a moment apart that differ by more are still settling. */
    private static final double SETTLED_POINTS = 2;

    public LeakdownReading {
        heard = Map.copyOf(heard);
        neighbours = Map.copyOf(neighbours);
        excluded = Set.copyOf(excluded);
        settling = List.copyOf(settling);
    }

    /**
     * What two gauges say.
     *
     * @param supply above 0
     * @return per cent of the supply that the cylinder lets go, 0 to 100
     */
    public static double percentLost(Pressure cylinder, Pressure supply) {
        return Math.max(0, Math.min(100, 100 * (1 - cylinder.ratioTo(supply))));
    }

    public boolean counts() {
        return setAside.isEmpty();
    }

    /**
     * One standard deviation of the reading in points: hot 1.5 + 5 % of it, warm 2 + 7 %, cold or on a stand 3 + 10 %, and
     * half a step of the dial.
     */
    public double sigmaPoints() {
        double test = switch (state.orElse(RunState.WARM)) {
            case HOT -> 1.5 + 0.05 * percent;
            case WARM -> 2 + 0.07 * percent;
            case COLD, ON_STAND -> 3 + 0.1 * percent;
        };
        return Math.hypot(test, tester.resolutionPoints() / 2);
    }

    /** Whether it was still moving when it was written down. */
    boolean drifts() {
        return !settling.isEmpty() && Math.abs(settling.get(settling.size() - 1) - percent) > SETTLED_POINTS;
    }

    /** Whether two attempts differ by more than the test repeats, 19 times in 20. */
    public boolean differsFrom(LeakdownReading other) {
        return Math.abs(percent - other.percent) > NINETY_FIVE * Math.hypot(sigmaPoints(), other.sigmaPoints());
    }

    /** The reading, held at the end of what a dial can tell. */
    double tellingPercent() {
        return Math.min(END_OF_DIAL, percent);
    }

    boolean atEndOfDial() {
        return percent >= END_OF_DIAL;
    }

    double lowPercent() {
        return Math.max(0, tellingPercent() - NINETY_FIVE * sigmaPoints());
    }

    double highPercent() {
        return Math.min(END_OF_DIAL, percent + NINETY_FIVE * sigmaPoints());
    }

    boolean heardAt(Place place, Heard least) {
        Heard h = heard.get(place);
        return h != null && h.compareTo(least) >= 0;
    }

    /** How many places were listened at and reached. */
    long listenedAt() {
        return Stream.concat(heard.values().stream(), neighbours.values().stream())
                .filter(h -> h != Heard.CANNOT_BE_REACHED)
                .count();
    }

    boolean heardAnywhere() {
        return Stream.concat(heard.values().stream(), neighbours.values().stream())
                .anyMatch(h -> h.compareTo(Heard.FAINT) >= 0);
    }

    /** What state the engine was in. */
    public enum RunState {
        HOT,
        WARM,
        COLD,
        ON_STAND
    }

    /** What was done since the attempt before. */
    public enum DoneBefore {
        TURNED_OVER,
        TURNED_360,
        VALVE_TAPPED,
        HOSE_SOAPED,
        OIL_ADDED
    }

    /** Passes of their own. */
    public enum LeakdownKind {
        STANDARD,
        WET,
        LOW_PRESSURE
    }

    /** How somebody listened. */
    public enum ListenedWith {
        EAR,
        TUBE,
        SOAP,
        BUBBLES,
        TISSUE
    }
}
