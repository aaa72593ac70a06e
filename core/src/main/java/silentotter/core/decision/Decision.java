package silentotter.core.decision;

import java.util.List;
import java.util.Optional;
import silentotter.core.wording.Worded;

/**
 * What to do, weighed.
 *
 * @param options one for each repair, what is recommended first and then by what it loses on the mean
 * @param says what is recommended and why, in a sentence for the owner
 * @param worth whether money is well spent on this engine, where that was the question; empty where it was not
 * @param usualCosts whether everything stands on usual costs, because the shop has not said its own
 */
public record Decision(List<Option> options, String says, Optional<String> worth, boolean usualCosts)
        implements Worded {
    public Decision {
        options = List.copyOf(options);
    }

    public Option recommended() {
        return options.get(0);
    }
}
