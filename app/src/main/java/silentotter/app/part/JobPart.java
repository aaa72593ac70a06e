package silentotter.app.part;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntConsumer;
import silentotter.core.engine.Engine;
import silentotter.core.input.Problems;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.job.Observation;
import tools.jackson.databind.JsonNode;

/**
 * What one station keeps of the jobs. Sheets, case files and the guard of the engine ask all parts alike and know none by
 * name; Spring finds them. Undo needs nothing from them: steps are edits.
 *
 * @param <K> what is kept of one job; the same whether it comes from the database or from a file
 */
public interface JobPart<K> {
    /** Its name in a case file, {@code leakdown}; {@code case-file/NAME.schema.json} describes it there. */
    String name();

    /** What is kept of a job, read in the caller's transaction. */
    K load(long jobId);

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

    /** How many readings there are, for the progress of a load. */
    default int size(K kept) {
        return 0;
    }

    /** What counts on this engine, in the terms of the job; each with its instrument as it was when it was read. */
    default List<? extends Observation> observed(K kept, Engine engine) {
        return List.of();
    }

    /** What of it an earlier version let pass and cannot be read any more, in sentences. */
    default List<String> leftOut(K kept) {
        return List.of();
    }

    /** A record whose components stand on the sheet by their names. */
    Record shown(K kept, Interpretation said);

    /** The type of that record, for the description of the API. */
    Class<? extends Record> shows();

    /** What it holds by cylinder, such as "leak-down readings". An engine cannot lose a cylinder that any part holds. */
    default String held() {
        return name();
    }

    /** The cylinders that it holds something of, over all jobs of an engine. */
    default Set<Integer> cylindersHeld(long engineId) {
        return Set.of();
    }
}
