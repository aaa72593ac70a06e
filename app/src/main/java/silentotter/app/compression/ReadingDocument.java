package silentotter.app.compression;

import jakarta.annotation.Nullable;
import java.util.List;

/**
 * A reading as it is sent in.
 *
 * @param key made by the sender; sending the same key again adds nothing
 * @param strokesKPa at least one value
 * @param oilMl oil put in for this attempt, wet pass only
 */
public record ReadingDocument(
        @Nullable String key,
        int cylinder,
        List<Double> strokesKPa,
        boolean finalOnly,
        @Nullable Double oilMl) {}
