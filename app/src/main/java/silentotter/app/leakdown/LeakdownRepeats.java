package silentotter.app.leakdown;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import silentotter.app.leakdown.LeakdownMapper.RepeatRow;
import silentotter.app.part.RepeatedReadings;
import silentotter.core.leakdown.LeakdownReading.RunState;
import silentotter.core.learning.Repeats;

/** Cylinders that were read more than once on one tester in one state. */
@Component
record LeakdownRepeats(LeakdownMapper mapper) implements RepeatedReadings {
    private record Place(long job, long tester, int cylinder, String state) {}

    @Override
    public List<Repeats> repeats() {
        Map<Place, List<Double>> byPlace = new LinkedHashMap<>();
        for (RepeatRow r : mapper.repeats()) {
            byPlace.computeIfAbsent(new Place(r.jobId(), r.testerId(), r.cylinder(), r.state()), p -> new ArrayList<>())
                    .add(r.percent());
        }
        return byPlace.entrySet().stream()
                .map(e -> Repeats.leakdown(
                        e.getKey().job(),
                        e.getKey().state().equals(RunState.HOT.name()),
                        e.getKey().state().equals(RunState.WARM.name()),
                        e.getValue()))
                .toList();
    }
}
