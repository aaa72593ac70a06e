package silentotter.core.compression;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.job.Observation;

/**
 * One round of the cylinders under one set of conditions.
 *
 * @param settled questions about it that somebody has answered: what was typed is meant
 */
public record CompressionPass(
        PassKind kind, Conditions conditions, List<CompressionReading> readings, Set<PassDoubt.Kind> settled)
        implements Observation {
    public CompressionPass {
        readings = readings.stream()
                .sorted(Comparator.comparingInt(CompressionReading::order))
                .toList();
        settled = Set.copyOf(settled);
    }

    public CompressionPass(PassKind kind, Conditions conditions, List<CompressionReading> readings) {
        this(kind, conditions, readings, Set.of());
    }

    /** Readings that count, in the order taken. */
    public Stream<CompressionReading> counting() {
        return readings.stream().filter(CompressionReading::counts);
    }

    public List<CompressionReading> of(CylinderNumber cylinder) {
        return counting().filter(r -> r.cylinder().equals(cylinder)).toList();
    }
}
