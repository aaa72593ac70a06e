package silentotter.core.leakdown;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;

/**
 * The share of a cylinder's leak that goes one way, from how loud it was there. An ear is no gauge: a share is good to a
 * factor of two.
 *
 * @param share 0 to 1; all shares of a cylinder together make 1
 */
public record PathShare(Place place, Optional<CylinderNumber> neighbour, Heard heard, double share) {
    private static final Map<Heard, Double> LOUDNESS = Map.of(Heard.FAINT, 1.0, Heard.CLEAR, 3.0, Heard.LOUD, 9.0);
    /** Some sound from the crankcase is normal, so a faint one there counts for less. */
    private static final double FAINT_CRANKCASE = 0.5;

    static List<PathShare> of(LeakdownReading reading) {
        double sum = reading.heard().entrySet().stream()
                .mapToDouble(e -> loudness(e.getKey(), e.getValue()))
                .sum();
        List<PathShare> result = new ArrayList<>();
        for (Place place : Place.values()) {
            Heard heard = reading.heard().get(place);
            if (heard != null && LOUDNESS.containsKey(heard)) {
                result.add(new PathShare(
                        place,
                        place == Place.NEIGHBOUR ? reading.neighbour() : Optional.empty(),
                        heard,
                        loudness(place, heard) / sum));
            }
        }
        return result;
    }

    private static double loudness(Place place, Heard heard) {
        double loudness = LOUDNESS.getOrDefault(heard, 0.0);
        return place == Place.CRANKCASE && heard == Heard.FAINT ? FAINT_CRANKCASE : loudness;
    }
}
