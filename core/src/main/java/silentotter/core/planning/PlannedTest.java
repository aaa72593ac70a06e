package silentotter.core.planning;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.examination.TestKind;
import silentotter.core.inference.Played;

/**
 * A test that could be done next.
 *
 * @param cylinders those it is done on, likeliest first; empty for the whole engine, or where compression says which
 * @param lowest on how many of the lowest it is done, once compression has said which; 0 where that is known
 */
public record PlannedTest(TestKind test, List<CylinderNumber> cylinders, int lowest) {
    public PlannedTest {
        cylinders = List.copyOf(cylinders);
    }

    static PlannedTest of(TestKind test) {
        return new PlannedTest(test, List.of(), 0);
    }

    static PlannedTest on(TestKind test, List<CylinderNumber> cylinders) {
        return new PlannedTest(test, cylinders, 0);
    }

    static PlannedTest onLowest(TestKind test, int lowest) {
        return new PlannedTest(test, List.of(), lowest);
    }

    double minutes() {
        return TestTable.minutes(test, lowest > 0 ? lowest : cylinders.size());
    }

    /** Indices of the cylinders that it would be done on, were this engine the one. */
    int[] at(Played played) {
        if (lowest == 0) {
            return cylinders.stream().mapToInt(c -> c.value() - 1).toArray();
        }
        return IntStream.range(0, played.lnKPa().length)
                .boxed()
                .sorted(Comparator.comparingDouble(c -> played.lnKPa()[c]))
                .limit(lowest)
                .mapToInt(Integer::intValue)
                .toArray();
    }
}
