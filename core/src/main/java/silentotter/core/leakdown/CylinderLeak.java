package silentotter.core.leakdown;

import java.util.List;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.wording.Worded;

/**
 * What leak-down says of one cylinder.
 *
 * @param reading the attempt that is judged: the last that counts
 * @param area with its interval; empty while the tester's orifice or supply is unknown
 * @param freeAirLPerMin through the leak
 * @param masterPercent what the tester that limits were written for would read
 * @param detection a leak up to this would have read as nothing
 * @param grade against the size of the cylinder; empty without area or bore
 * @param odd whether it leaks more than the engine's own best cylinder, beyond what the test repeats
 * @param attempts how many attempts count
 * @param recoverable whether turning over or tapping a valve made it better, beyond what the test repeats
 */
public record CylinderLeak(
        CylinderNumber cylinder,
        LeakdownReading reading,
        Optional<Estimate<LeakArea>> area,
        Optional<Double> freeAirLPerMin,
        Optional<Double> masterPercent,
        Optional<LeakArea> detection,
        Optional<Grade> grade,
        boolean odd,
        int attempts,
        boolean recoverable,
        List<PathShare> paths,
        String reason)
        implements Worded {

    /** Whether anything can be held against it: the size of the cylinder, or a sister that is tighter. */
    public boolean judged() {
        return grade.isPresent() || odd;
    }

    /** What is missing before it can be judged, cheapest first; empty when it can. */
    public Optional<String> needs() {
        return judged()
                ? Optional.empty()
                : Optional.of(
                        area.isPresent()
                                ? "Enter the bore at Intake: the same area is much for a small cylinder and little for a large one."
                                : "Read one known bleed hole on this tester (Tester, Calibrate): then its per cent become an area.");
    }

    /** Whether it leaks more than a sound cylinder may. */
    public boolean leaks() {
        return grade.map(g -> g.compareTo(Grade.WORN) >= 0).orElse(odd);
    }
}
