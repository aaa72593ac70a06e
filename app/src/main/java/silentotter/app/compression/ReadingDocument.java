package silentotter.app.compression;

import java.util.List;
import org.jspecify.annotations.Nullable;
import silentotter.core.compression.FiledReading;

/**
 * A reading as it is sent in.
 *
 * @param key made by the sender; sending the same reading with the same key again adds nothing
 * @param attempt which attempt at this cylinder in this pass the sender takes it for, from 1; when another window was
 *     there first, it is asked about instead of being taken for a repeat
 * @param strokesKPa at least one value
 * @param oilMl oil put in for this attempt, wet pass only
 */
record ReadingDocument(
        @Nullable String key,
        @Nullable Integer attempt,
        int cylinder,
        List<Double> strokesKPa,
        boolean finalOnly,
        @Nullable Double oilMl) {
    FiledReading taken(String at) {
        return new FiledReading(cylinder, strokesKPa, finalOnly, oilMl, null, at);
    }
}
