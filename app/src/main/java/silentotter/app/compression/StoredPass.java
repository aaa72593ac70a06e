package silentotter.app.compression;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.CompressionReading;
import silentotter.core.compression.PassDoubt;
import silentotter.core.compression.PassKind;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Volume;

/** A pass as stored, with its readings in the order taken. */
public record StoredPass(
        long id,
        PassKind kind,
        int revision,
        ConditionsDocument conditions,
        List<PassDoubt.Kind> settled,
        List<StoredReading> readings) {

    /**
     * A reading as stored.
     *
     * @param key made by the sender of the reading
     * @param strokesKPa needle after each stroke; one value when final only
     */
    public record StoredReading(
            long id,
            String key,
            int cylinder,
            int order,
            List<Double> strokesKPa,
            boolean finalOnly,
            @Nullable Double oilMl,
            @Nullable String setAside,
            String takenAt) {

        CompressionReading toCore() {
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

    public CompressionPass toCore() {
        return new CompressionPass(
                kind,
                ConditionsReader.read(conditions),
                readings.stream().map(StoredReading::toCore).toList(),
                Set.copyOf(settled));
    }
}
