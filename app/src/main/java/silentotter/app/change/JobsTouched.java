package silentotter.app.change;

/** Said within a transaction that changed jobs: whoever follows one looks again once it is on disk. */
public record JobsTouched() {}
