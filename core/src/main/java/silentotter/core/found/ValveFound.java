package silentotter.core.found;

import java.util.Optional;
import java.util.stream.Stream;
import silentotter.core.wording.Labelled;

/**
 * The intake or the exhaust valves of one cylinder, the worst of several alike.
 *
 * @param fluidTest fluid poured on the seat with the head off and the valve at rest
 * @param lift against its sisters, or the maker's figure
 */
public record ValveFound(
        Optional<FluidTest> fluidTest,
        Optional<ValveFace> face,
        Optional<Guide> guide,
        Optional<StemSealFound> stemSeal,
        Optional<ValveLift> lift) {

    /** Whether a fluid stays on the seat. */
    public enum FluidTest implements Labelled {
        TIGHT,
        WEEPS,
        RUNS_THROUGH
    }

    /** Face and seat, or the stem. */
    public enum ValveFace implements Labelled {
        EVEN,
        BURNT,
        BENT,
        PITTED,
        CARBON_ON_SEAT
    }

    /** How the stem sits in its guide. */
    public enum Guide implements Labelled {
        SNUG,
        WORN
    }

    /** The seal on the stem. */
    public enum StemSealFound implements Labelled {
        SOFT,
        HARD,
        TORN,
        OFF_ITS_GUIDE
    }

    /** How far the valve opens. */
    public enum ValveLift implements Labelled {
        FULL,
        SHORT
    }

    /** Whether something was seen; each thing that can be is of one place only. */
    boolean is(Labelled seen) {
        return Stream.of(fluidTest, face, guide, stemSeal, lift)
                .anyMatch(o -> o.filter(x -> x == seen).isPresent());
    }
}
