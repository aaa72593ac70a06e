package silentotter.app.change;

/**
 * Something that was done to a job.
 *
 * @param targetId row that was added or changed
 * @param description for the person, such as "cylinder 3"
 * @param before what to put back, where the kind needs it
 * @param after what was put there, where the kind needs it
 */
public record Change(
        long id, long jobId, ChangeKind kind, long targetId, String description, String before, String after) {}
