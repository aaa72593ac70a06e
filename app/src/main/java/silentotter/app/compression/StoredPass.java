package silentotter.app.compression;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.CompressionReading;
import silentotter.core.compression.ConditionsDocument;
import silentotter.core.compression.ConditionsReader;
import silentotter.core.compression.FiledReading;
import silentotter.core.compression.PassDoubt;
import silentotter.core.compression.PassKind;

/** A pass as it is kept, with its readings in the order taken. */
record StoredPass(
        long id,
        PassKind kind,
        int revision,
        ConditionsDocument conditions,
        List<PassDoubt.Kind> settled,
        List<StoredReading> readings) {

    /** @param key made by the sender of the reading */
    record StoredReading(
            long id, String key, int order, @JsonUnwrapped FiledReading reading) {}

    /** @param settled questions about the pass that were answered: what was typed is meant */
    record Filed(
            PassKind kind,
            ConditionsDocument conditions,
            @Nullable List<PassDoubt.Kind> settled,
            List<FiledReading> readings) {

        /** As if it were kept; its readings have no keys yet. */
        StoredPass kept() {
            List<StoredReading> numbered = new ArrayList<>(readings.size());
            readings.forEach(r -> numbered.add(new StoredReading(0, "", numbered.size() + 1, r)));
            return new StoredPass(0, kind, 0, conditions, settled == null ? List.of() : settled, numbered);
        }
    }

    Filed filed() {
        return new Filed(
                kind,
                conditions,
                settled.isEmpty() ? null : settled,
                readings.stream().map(StoredReading::reading).toList());
    }

    CompressionPass toCore() {
        List<CompressionReading> inCore =
                readings.stream().map(r -> r.reading().toCore(r.order())).toList();
        return new CompressionPass(kind, ConditionsReader.read(conditions), inCore, Set.copyOf(settled));
    }
}
