package silentotter.core.leakdown;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import silentotter.core.input.InvalidInput;
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
 * @param zeroed whether the tester read nothing lost with its outlet shut, just before
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
        @Nullable List<Double> settlingKPa,
        @Nullable Boolean zeroed) {

    /**
     * What was heard at one place of one reading.
     *
     * @param neighbour whose plug hole, for {@link Place#NEIGHBOUR}
     * @param excluded whether its open valve was plugged off first
     */
    public record Listened(
            Place place,
            @Nullable Heard heard,
            @Nullable Integer neighbour,
            @Nullable Boolean excluded,
            @Nullable ListenedWith listenedWith) {}

    /**
     * The same attempt with what was heard at one place; no state takes it back to "not listened".
     *
     * @throws InvalidInput for {@link Place#NEIGHBOUR} without saying whose plug hole
     */
    public LeakdownDocument hearing(Listened at) {
        Map<Place, Heard> all = new TreeMap<>(places());
        Map<Integer, Heard> theirs = new TreeMap<>(atNeighbours());
        Set<Integer> plugged = new TreeSet<>(plugged());
        if (at.place() != Place.NEIGHBOUR) {
            put(all, at.place(), at.heard());
        } else if (at.neighbour() == null) {
            throw InvalidInput.at("neighbour", "say which neighbour was listened at");
        } else {
            put(theirs, at.neighbour(), at.heard());
            plugged.remove(at.neighbour());
            if (Boolean.TRUE.equals(at.excluded())) {
                plugged.add(at.neighbour());
            }
        }
        return listening(all, theirs, plugged, at.listenedWith() == null ? listenedWith : at.listenedWith());
    }

    /** The same attempt taken on another cylinder: what was heard at its plug hole was heard at the old one's. */
    public LeakdownDocument movedTo(int cylinder, int from) {
        Map<Integer, Heard> theirs = new TreeMap<>(atNeighbours());
        Set<Integer> plugged = new TreeSet<>(plugged());
        put(theirs, from, theirs.remove(cylinder));
        if (plugged.remove(cylinder)) {
            plugged.add(from);
        }
        return listening(places(), theirs, plugged, listenedWith);
    }

    /** The same attempt without what was heard at places; neighbours stay. */
    public LeakdownDocument unheard() {
        return listening(Map.of(), atNeighbours(), plugged(), null);
    }

    /** The same attempt with what was noted on another one by mistake added. */
    public LeakdownDocument hearingAlso(LeakdownDocument other) {
        Map<Place, Heard> all = new TreeMap<>(places());
        all.putAll(other.places());
        return listening(all, atNeighbours(), plugged(), other.listenedWith);
    }

    private static <K> void put(Map<K, Heard> into, K key, @Nullable Heard heard) {
        if (heard == null) {
            into.remove(key);
        } else {
            into.put(key, heard);
        }
    }

    private LeakdownDocument listening(
            Map<Place, Heard> all,
            Map<Integer, Heard> theirs,
            Collection<Integer> plugged,
            @Nullable ListenedWith with) {
        return new LeakdownDocument(
                kind,
                leakPercent,
                cylinderKPa,
                supplyKPa,
                state,
                doneBefore,
                all,
                with,
                theirs,
                List.copyOf(plugged),
                settling,
                settlingKPa,
                zeroed);
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
