package silentotter.core.compression;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Volume;

/**
 * A reading as it is kept and filed.
 *
 * @param strokesKPa needle after each stroke; one value when final only
 * @param oilMl oil put in for this attempt, wet pass only
 * @param setAside why it does not count; nothing where it does
 * @param takenAt nothing where a file does not say
 */
public record FiledReading(
        int cylinder,
        List<Double> strokesKPa,
        boolean finalOnly,
        @Nullable Double oilMl,
        @Nullable String setAside,
        @Nullable String takenAt) {

    public FiledReading takenOr(String moment) {
        return takenAt != null ? this : new FiledReading(cylinder, strokesKPa, finalOnly, oilMl, setAside, moment);
    }

    public CompressionReading toCore(int order) {
        return new CompressionReading(
                CylinderNumber.of(cylinder),
                order,
                strokesKPa.stream().map(Pressure::ofKPa).toList(),
                finalOnly,
                Optional.ofNullable(oilMl).map(Volume::ofMillilitres),
                Optional.ofNullable(setAside),
                Instant.parse(takenAt));
    }
}
