package silentotter.core.diagnosis;

import java.util.List;
import silentotter.core.wording.Worded;

/**
 * Findings that no single story explains well.
 *
 * @param findings ids of those that do not fit
 * @param text what does not fit, in a line
 * @param stories what would have to be true for each
 * @param remedy the cheapest thing that decides
 */
public record Contradiction(List<String> findings, String text, List<String> stories, String remedy)
        implements Worded {}
