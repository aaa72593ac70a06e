package silentotter.app.leakdown;

import jakarta.annotation.Nullable;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import silentotter.core.leakdown.DoneBefore;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownKind;
import silentotter.core.leakdown.ListenedWith;
import silentotter.core.leakdown.Place;
import silentotter.core.leakdown.RunState;

/**
 * A leak-down attempt as it is sent in, kept and filed.
 *
 * @param leakPercent on the dial; or the second gauge in cylinderKPa, with the supply as it stood
 * @param heard by place, only where somebody listened
 * @param neighbours what was heard at the plug holes of neighbours, by their number
 * @param excluded neighbours whose open valve was plugged off first
 * @param settling readings in per cent that were watched before the one that counts
 */
public record LeakdownDocument(
        LeakdownKind kind,
        @Nullable Double leakPercent,
        @Nullable Double cylinderKPa,
        @Nullable Double supplyKPa,
        @Nullable RunState state,
        @Nullable DoneBefore doneBefore,
        @Nullable Map<Place, Heard> heard,
        @Nullable ListenedWith listenedWith,
        @Nullable Map<Integer, Heard> neighbours,
        @Nullable List<Integer> excluded,
        @Nullable List<Double> settling) {

    /** The same attempt with other findings of listening. */
    LeakdownDocument heard(
            Map<Place, Heard> places,
            Map<Integer, Heard> atNeighbours,
            Collection<Integer> plugged,
            ListenedWith with) {
        return new LeakdownDocument(
                kind,
                leakPercent,
                cylinderKPa,
                supplyKPa,
                state,
                doneBefore,
                places,
                with,
                atNeighbours,
                List.copyOf(plugged),
                settling);
    }

    List<Integer> plugged() {
        return Objects.requireNonNullElse(excluded, List.of());
    }
}
