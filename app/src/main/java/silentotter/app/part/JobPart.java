package silentotter.app.part;

import java.util.Optional;
import java.util.function.IntConsumer;
import silentotter.core.engine.Engine;
import silentotter.core.input.Problems;
import tools.jackson.databind.JsonNode;

/**
 * What one station keeps of the jobs: on the sheet, and under its name in each job of a case file, where
 * {@code case-file/NAME.schema.json} describes it.
 *
 * @param <K> what is kept of one job
 */
public interface JobPart<K> extends SheetPart<K> {
    /** The same as a case file holds it; empty where there is nothing to say. */
    Optional<Object> export(K kept);

    /**
     * Reads what a case file holds; the form was checked by the schema.
     *
     * @param problems takes everything that is wrong with the values, at its path; what is returned then counts for nothing
     */
    K read(JsonNode filed, Engine engine, Problems problems, String path);

    /**
     * Puts what was read where it belongs. Not a step to undo.
     *
     * @param done told how many more readings are in; may throw to give up
     */
    void restore(long jobId, K kept, IntConsumer done);

    /** Puts what a new job begins with, or one that came without this part. */
    default void begin(long jobId) {}

    /** Bytes of what it keeps of a job, where a copy that has to stay small may go without it; 0 where it may not. */
    default long bulk(long jobId) {
        return 0;
    }

    /** How many readings there are, for the progress of a load. */
    default int size(K kept) {
        return 0;
    }
}
