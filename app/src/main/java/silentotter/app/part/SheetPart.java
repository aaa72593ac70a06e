package silentotter.app.part;

import java.util.List;
import java.util.Set;
import silentotter.core.engine.Engine;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.job.Observation;

/**
 * What one station brings to the sheet of a job. Sheets and the guard of the engine ask all of them alike and know none by
 * name; Spring finds them. Undo needs nothing from them: steps are edits.
 *
 * @param <K> what is kept; the same whether it comes from the database or from a file
 */
public interface SheetPart<K> {
    /** Its name: {@code leakdown}. */
    String name();

    /** What is kept of a job, read in the caller's transaction. */
    K load(long jobId);

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
