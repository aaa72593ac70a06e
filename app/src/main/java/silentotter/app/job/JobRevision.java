package silentotter.app.job;

/** A job as it stood at one moment: what is worked out from it stays true for as long as its revision does. */
public record JobRevision(long id, int revision) {}
