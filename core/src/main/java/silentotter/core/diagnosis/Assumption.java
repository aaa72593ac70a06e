package silentotter.core.diagnosis;

import silentotter.core.wording.Worded;

/**
 * Something that was not known.
 *
 * @param instead what stood in for it
 * @param costs what that costs
 */
public record Assumption(String what, String instead, String costs) implements Worded {}
