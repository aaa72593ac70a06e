package silentotter.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Family;
import silentotter.core.wording.Worded;

/**
 * What a reading, or any other change, did to one suspect.
 *
 * @param before probability before, 0 where it had no row
 * @param after probability after, 0 where it has none any more
 */
public record Movement(String text, double before, double after) implements Worded {
    /** Smaller changes are not worth a line. */
    private static final double LEAST = .03;

    private static final int MOST = 3;

    private record Key(Family family, List<CylinderNumber> cylinders, boolean somewhere) {
        static Key of(Suspect s) {
            return new Key(s.family(), s.cylinders(), s.somewhere());
        }
    }

    /** The difference of two answers of one job, largest first; at most three. */
    public static List<Movement> between(Diagnosis before, Diagnosis after) {
        Map<Key, Movement> all = new LinkedHashMap<>();
        before.suspects().forEach(s -> all.put(Key.of(s), new Movement(s.text(), s.probability(), 0)));
        after.suspects()
                .forEach(s -> all.merge(
                        Key.of(s),
                        new Movement(s.text(), 0, s.probability()),
                        (was, is) -> new Movement(is.text(), was.before(), is.after())));
        List<Movement> moved = new ArrayList<>(all.values());
        moved.removeIf(m -> m.size() < LEAST);
        moved.sort(Comparator.comparingDouble(Movement::size).reversed());
        return moved.subList(0, Math.min(MOST, moved.size()));
    }

    private double size() {
        return Math.abs(after - before);
    }
}
