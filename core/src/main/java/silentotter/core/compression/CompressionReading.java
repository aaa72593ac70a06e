package silentotter.core.compression;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Volume;

/**
 * One attempt at one cylinder. Attempts are kept, never overwritten.
 *
 * @param order place in the sequence in which the pass was taken
 * @param strokes needle after each compression stroke as far as written down; a final-only reading has one
 * @param finalOnly whether only the final value was written down
 * @param oil oil put in for this attempt, wet pass only
 * @param setAside why the attempt is left out of the results; empty when it counts
 */
public record CompressionReading(
        CylinderNumber cylinder,
        int order,
        List<Pressure> strokes,
        boolean finalOnly,
        Optional<Volume> oil,
        Optional<String> setAside,
        Instant takenAt) {
    public CompressionReading {
        strokes = List.copyOf(strokes);
        if (strokes.isEmpty()) {
            throw new IllegalArgumentException("a reading needs at least one value");
        }
    }

    /** The value the gauge held at the end: the highest, since a sound check valve holds the needle. */
    public Pressure value() {
        return strokes.stream().max(Pressure::compareTo).orElseThrow();
    }

    public boolean counts() {
        return setAside.isEmpty();
    }
}
