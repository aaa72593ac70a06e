package silentotter.core.found;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import silentotter.core.wording.Labelled;

/**
 * What was done to the engine and what it came to.
 *
 * @param cost in the shop's money, 0 to 100 million
 * @param hours of work, 0 to 10 000
 */
public record WorkDone(Map<Work, Boolean> done, Optional<Double> cost, Optional<Double> hours, Optional<String> note) {
    public static final WorkDone NONE = new WorkDone(Map.of(), Optional.empty(), Optional.empty(), Optional.empty());

    public WorkDone {
        done = Map.copyOf(Objects.requireNonNullElse(done, Map.of()));
        cost = Objects.requireNonNullElse(cost, Optional.empty());
        hours = Objects.requireNonNullElse(hours, Optional.empty());
        note = Objects.requireNonNullElse(note, Optional.empty());
    }

    /** In words, in the order in which one speaks of it; empty where nothing was. */
    public String inWords() {
        return done.entrySet().stream()
                .filter(e -> e.getValue() && e.getKey() != Work.NOTHING)
                .map(Map.Entry::getKey)
                .sorted()
                .map(Work::words)
                .collect(Collectors.joining(", "));
    }

    /** Work on the seal of an engine, as one speaks of it. */
    public enum Work implements Labelled {
        CLEANED,
        OIL_TREATED,
        VENTILATION_MENDED,
        OUTSIDE_SEALED,
        STEM_SEALS,
        VALVES_GROUND,
        VALVES_REPLACED,
        HEAD_SKIMMED,
        HEAD_GASKET,
        RINGS,
        HONED,
        PISTONS,
        BORED,
        BEARINGS,
        RISER,
        TIMING_SET,
        EXCHANGED,
        NOTHING
    }
}
