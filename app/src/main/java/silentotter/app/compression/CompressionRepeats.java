package silentotter.app.compression;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import silentotter.app.compression.CompressionMapper.RepeatRow;
import silentotter.app.part.RepeatedReadings;
import silentotter.core.learning.Repeats;

/** Cylinders that were read more than once on one gauge in one pass. */
@Component
record CompressionRepeats(CompressionMapper mapper) implements RepeatedReadings {
    private static final String COLD = "COLD";

    private record Place(long pass, int cylinder) {}

    @Override
    public List<Repeats> repeats() {
        Map<Place, List<RepeatRow>> byPlace = new LinkedHashMap<>();
        mapper.repeats()
                .forEach(r -> byPlace.computeIfAbsent(new Place(r.passId(), r.cylinder()), p -> new ArrayList<>())
                        .add(r));
        return byPlace.values().stream()
                .filter(rows -> rows.size() > 1 && rows.stream().allMatch(r -> r.kpa() > 0))
                .map(rows -> Repeats.compression(
                        rows.get(0).jobId(),
                        !rows.get(0).temperature().isEmpty()
                                && !rows.get(0).temperature().equals(COLD),
                        rows.stream().map(RepeatRow::kpa).toList()))
                .toList();
    }
}
