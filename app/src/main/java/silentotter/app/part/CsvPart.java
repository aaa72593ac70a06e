package silentotter.app.part;

import silentotter.app.progress.Progress.Work;
import silentotter.core.engine.Engine;

/** A part whose readings go out and come in as comma-separated values. */
public interface CsvPart {
    /** Where it stands on the API: {@code leakdown}. */
    String name();

    /** @return the file, with a header */
    String csv(long jobId);

    /**
     * Adds what a file holds to a job; nothing that is there is touched. All of the file or nothing.
     *
     * @throws silentotter.core.input.InvalidInput with everything that is wrong, by line
     */
    void addCsv(long jobId, Engine engine, byte[] content, Work work);
}
