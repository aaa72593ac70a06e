package silentotter.app.part;

import java.util.List;
import java.util.Optional;
import silentotter.core.input.Problems;
import silentotter.core.intake.ServiceDocument;
import silentotter.core.job.Observation;
import tools.jackson.databind.JsonNode;

/**
 * What is kept of an engine across its jobs, and stands under its name with the engine in a case file, where
 * {@code case-file/NAME.schema.json} describes it.
 *
 * @param <K> what is kept of one engine
 */
public interface EnginePart<K> {
    /** Its name in a case file: {@code oilLog}. */
    String name();

    /** What is kept of an engine, read in the caller's transaction. */
    K loadEngine(long engineId);

    /** The same as a case file holds it; empty where there is nothing to say. */
    Optional<Object> export(K kept);

    /**
     * Reads what a case file holds; the form was checked by the schema.
     *
     * @param problems takes everything that is wrong with the values, at its path
     */
    K read(JsonNode filed, Problems problems, String path);

    /** Puts what was read where it belongs. Not a step to undo. */
    void restore(long engineId, K kept);

    /** How many readings there are. */
    int size(K kept);

    /**
     * What counts of it, in the terms of a job.
     *
     * @param service what was done to the engine, as far as it is known
     */
    default List<? extends Observation> observed(K kept, List<ServiceDocument> service) {
        return List.of();
    }
}
