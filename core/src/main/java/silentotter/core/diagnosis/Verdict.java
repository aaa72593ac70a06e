package silentotter.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import silentotter.core.finding.Suspect;
import silentotter.core.wording.Worded;

/**
 * A verdict: what, where, how sure, why, what next.
 *
 * @param why reasons, most telling first
 * @param misses what this verdict could have missed; may be empty
 * @param blames the suspects it names, so that findings which point to them are explained by it
 */
public record Verdict(
        Tone tone, String what, Sureness sureness, List<String> why, String next, String misses, List<Suspect> blames)
        implements Worded {
    public Verdict {
        why = List.copyOf(why);
        blames = List.copyOf(blames);
    }

    public Verdict(Tone tone, String what, Sureness sureness, List<String> why, String next, String misses) {
        this(tone, what, sureness, why, next, misses, List.of());
    }

    Verdict blaming(Suspect... suspects) {
        return new Verdict(tone, what, sureness, why, next, misses, List.of(suspects));
    }

    /** The same verdict with further reasons behind its own. */
    Verdict because(List<String> further) {
        List<String> all = new ArrayList<>(why);
        all.addAll(further);
        return new Verdict(tone, what, sureness, all, next, misses, blames);
    }
}
