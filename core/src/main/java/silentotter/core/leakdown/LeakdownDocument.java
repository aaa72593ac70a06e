package silentotter.core.leakdown;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import silentotter.core.leakdown.LeakdownReading.DoneBefore;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;
import silentotter.core.leakdown.LeakdownReading.ListenedWith;
import silentotter.core.leakdown.LeakdownReading.RunState;

/**
 * A leak-down attempt as it is sent in, kept and filed.
 *
 * @param leakPercent on the dial; or the second gauge in cylinderKPa, with the supply as it stood
 * @param heard by place, only where somebody listened
 * @param neighbours what was heard at the plug holes of neighbours, by their number
 * @param excluded neighbours whose open valve was plugged off first
 * @param settling readings in per cent that were watched before the one that counts; or on the second gauge in
 *     settlingKPa
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
        @Nullable List<Double> settling,
        @Nullable List<Double> settlingKPa) {

    /** The same attempt with other findings of listening. */
    public LeakdownDocument heard(
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
                settling,
                settlingKPa);
    }

    public Map<Place, Heard> places() {
        return Objects.requireNonNullElse(heard, Map.of());
    }

    public Map<Integer, Heard> atNeighbours() {
        return Objects.requireNonNullElse(neighbours, Map.of());
    }

    public List<Integer> plugged() {
        return Objects.requireNonNullElse(excluded, List.of());
    }
}
