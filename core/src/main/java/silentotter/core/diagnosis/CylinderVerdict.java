package silentotter.core.diagnosis;

import java.util.List;
import silentotter.core.wording.Worded;

/**
 * One cylinder in three lines.
 *
 * @param what what it is
 * @param words how sure
 * @param why the heaviest reasons, at most three
 * @param misses what could have been missed here
 */
public record CylinderVerdict(Tone tone, String what, String words, List<String> why, String misses)
        implements Worded {}
