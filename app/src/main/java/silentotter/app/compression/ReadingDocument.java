package silentotter.app.compression;

import jakarta.annotation.Nullable;
import java.util.List;

/**
 * A reading as it is sent in.
 *
 * @param key made by the sender; sending the same reading with the same key again adds nothing
 * @param attempt which attempt at this cylinder in this pass the sender takes it for, from 1; when another window was
 *     there first, it is asked about instead of being taken for a repeat
 * @param strokesKPa at least one value
 * @param oilMl oil put in for this attempt, wet pass only
 */
public record ReadingDocument(
        @Nullable String key,
        @Nullable Integer attempt,
        int cylinder,
        List<Double> strokesKPa,
        boolean finalOnly,
        @Nullable Double oilMl) {
    public ReadingDocument(int cylinder, List<Double> strokesKPa, boolean finalOnly, @Nullable Double oilMl) {
        this(null, null, cylinder, strokesKPa, finalOnly, oilMl);
    }
}
