package silentotter.core.leakdown;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.wording.Worded;

/**
 * The share of a cylinder's leak that goes one way, from how loud it was there. An ear is no gauge: a share is good to a
 * factor of two.
 *
 * @param share 0 to 1; all shares of a cylinder together make 1
 */
public record PathShare(Place place, Optional<CylinderNumber> neighbour, Heard heard, double share) implements Worded {
    private static final Map<Heard, Double> LOUDNESS = Map.of(Heard.FAINT, 1.0, Heard.CLEAR, 3.0, Heard.LOUD, 9.0);
    /** Some sound from the crankcase is normal, so a faint one there counts for less. */
    private static final double FAINT_CRANKCASE = 0.5;

    static List<PathShare> of(LeakdownReading reading) {
        List<PathShare> heard = new ArrayList<>();
        for (Place place : Place.values()) {
            Heard h = reading.heard().get(place);
            if (h != null && LOUDNESS.containsKey(h)) {
                heard.add(new PathShare(place, Optional.empty(), h, loudness(place, h)));
            }
        }
        reading.neighbours().entrySet().stream()
                .filter(e -> LOUDNESS.containsKey(e.getValue()))
                .sorted(Map.Entry.comparingByKey())
                .forEach(e -> heard.add(new PathShare(
                        Place.NEIGHBOUR,
                        Optional.of(e.getKey()),
                        e.getValue(),
                        loudness(Place.NEIGHBOUR, e.getValue()))));
        double sum = heard.stream().mapToDouble(PathShare::share).sum();
        return heard.stream()
                .map(p -> new PathShare(p.place(), p.neighbour(), p.heard(), p.share() / sum))
                .toList();
    }

    private static double loudness(Place place, Heard heard) {
        double loudness = LOUDNESS.getOrDefault(heard, 0.0);
        return place == Place.CRANKCASE && heard == Heard.FAINT ? FAINT_CRANKCASE : loudness;
    }
}
