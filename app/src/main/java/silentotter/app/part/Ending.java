package silentotter.app.part;

import silentotter.app.change.Step;

/**
 * Said within the step that opens an engine or closes its job, before anything of it is written: what was predicted until
 * then is kept as a part of that step.
 */
public record Ending(long jobId, Step step) {}
