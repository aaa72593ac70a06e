package silentotter.app.job;

/** A row of the job table. */
record JobRow(long id, long engineId, int documentRevision, String document, int revision, String changedAt) {}
