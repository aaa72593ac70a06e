package silentotter.core.comparison;

import silentotter.core.wording.Worded;

/**
 * A facet in which two visits differ, or may.
 *
 * @param before and after in words; "not written down" where it was not
 * @param compares whether what was measured compares all the same, with a wider interval
 */
public record Unmatched(Facet facet, String before, String after, boolean compares) implements Worded {}
