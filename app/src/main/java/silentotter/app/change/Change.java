package silentotter.app.change;

/**
 * A step that was taken in a job.
 *
 * @param targetId row that was changed as a whole, where there are no edits
 * @param description for the person, such as "cylinder 3"
 * @param before the whole row before, where there are no edits
 * @param edits what the step changed, as JSON; empty where it changed a row as a whole
 */
public record Change(
        long id, long jobId, long targetId, String description, String before, String after, String edits) {}
