package silentotter.core.oil;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A piece of a log with one rate, and what does not fit in it.
 *
 * <p>Another oil, or a repair, may change the rate. Fitted with one rate all the same, such a log looks as if many a top-up had
 * never been written down. So it is cut at what was done where both sides together leave fewer such riddles than the two as
 * one: a true slip stays one, on its side of the cut.
 *
 * <p>Method: from the newest stretch backwards, each older one is joined to what follows it unless their rates differ and the
 * two as one add riddles; so the work grows with the number of stretches and not with that of their combinations.
 */
record OilPiece(OilLog log, LogFaults found) {
    /** So many riddles more make two rates of one. */
    private static final int MORE = 2;
    /** Only the newest of what was done is looked at: a long log would take long, and what it uses is what it uses now. */
    private static final int MOST_CUTS = 12;

    /**
     * @param earlier for each thing that was done, the numbers of the dips before it
     * @return oldest first; empty where nothing can be fitted
     */
    static List<OilPiece> of(OilLog log, List<Set<Integer>> earlier) {
        Optional<OilPiece> whole = fitted(log);
        if (whole.isEmpty() || whole.get().riddles() < MORE) {
            return whole.stream().toList();
        }
        List<Set<Integer>> parts = new ArrayList<>();
        Set<Integer> open = new HashSet<>();
        for (Set<Integer> stretch : stretches(log, earlier)) {
            if (isAnother(log, stretch, open)) {
                parts.add(0, open);
                open = new HashSet<>();
            }
            open.addAll(stretch);
        }
        parts.add(0, open);
        return parts.size() == 1
                ? List.of(whole.get())
                : parts.stream().flatMap(p -> fitted(log, p).stream()).toList();
    }

    /** Whether a stretch has another rate than what follows it, and the two as one pose riddles that neither does. */
    private static boolean isAnother(OilLog log, Set<Integer> stretch, Set<Integer> open) {
        Optional<LevelFit> a = rate(log, stretch);
        Optional<LevelFit> b = rate(log, open);
        if (a.isEmpty() || b.isEmpty()) {
            return false;
        }
        double apart = Math.abs(a.get().rate() - b.get().rate())
                / Math.hypot(a.get().rateSigma(), b.get().rateSigma());
        if (!(apart > OilChanges.DIFFERENT)) {
            return false;
        }
        Set<Integer> both = new HashSet<>(open);
        both.addAll(stretch);
        int alone = riddles(log, stretch) + riddles(log, open);
        return riddles(log, both) >= alone + MORE;
    }

    private static Optional<LevelFit> rate(OilLog log, Set<Integer> numbers) {
        OilLog part = log.only(e -> numbers.contains(e.number()));
        return part.hasDipsApart() ? part.fit(List.of()) : Optional.empty();
    }

    private static int riddles(OilLog log, Set<Integer> numbers) {
        return fitted(log, numbers).map(OilPiece::riddles).orElse(0);
    }

    /** Newest first. */
    private static List<Set<Integer>> stretches(OilLog log, List<Set<Integer>> earlier) {
        List<Set<Integer>> stretches = new ArrayList<>();
        Set<Integer> left = log.numbers();
        for (Set<Integer> before : earlier.stream()
                .sorted(Comparator.comparingInt((Set<Integer> s) -> -s.size()))
                .limit(MOST_CUTS)
                .toList()) {
            Set<Integer> since = new HashSet<>(left);
            since.removeAll(before);
            left.retainAll(before);
            stretches.add(since);
        }
        stretches.add(left);
        stretches.removeIf(Set::isEmpty);
        return stretches;
    }

    private static Optional<OilPiece> fitted(OilLog log, Set<Integer> numbers) {
        return fitted(log.only(e -> numbers.contains(e.number())));
    }

    private static Optional<OilPiece> fitted(OilLog log) {
        return log.hasDipsApart() ? LogFaults.in(log).map(f -> new OilPiece(log, f)) : Optional.empty();
    }

    private int riddles() {
        return found.faults().size();
    }

    LevelFit fit() {
        return found.fit();
    }

    /** The fit of the same piece along another meter. */
    Optional<LevelFit> fit(OilLog other) {
        Set<Integer> own = log.numbers();
        return found.fit(other.only(e -> own.contains(e.number())));
    }
}
