package silentotter.core.diagnosis;

import java.util.List;

/**
 * A verdict: what, where, how sure, why, what next.
 *
 * @param why reasons, most telling first
 * @param misses what this verdict could have missed; may be empty
 */
public record Verdict(Tone tone, String what, Sureness sureness, List<String> why, String next, String misses) {}
