package silentotter.core.oil;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A piece of a log with one rate, and what does not fit in it.
 *
 * <p>Another oil, or a repair, may change the rate. Fitted with one rate all the same, such a log looks as if many a top-up had
 * never been written down. So it is cut at what was done where that leaves fewer such riddles: a true slip stays one, on its
 * side of the cut.
 */
record OilPiece(OilLog log, LogFaults found) {
    /** So many riddles fewer have to be left for a cut to be believed. */
    private static final int FEWER = 2;

    /**
     * @param earlier for each thing that was done, the numbers of the dips before it
     * @return oldest first; empty where nothing can be fitted
     */
    static List<OilPiece> of(OilLog log, List<Set<Integer>> earlier) {
        List<OilPiece> whole =
                LogFaults.in(log).map(f -> List.of(new OilPiece(log, f))).orElse(List.of());
        List<OilPiece> best = whole;
        for (Set<Integer> before : whole.isEmpty() || faults(whole) < FEWER ? List.<Set<Integer>>of() : earlier) {
            OilLog early = log.only(e -> before.contains(e.number()));
            OilLog late = log.only(e -> !before.contains(e.number()));
            if (!early.hasDipsApart() || !late.hasDipsApart()) {
                continue;
            }
            List<OilPiece> cut = new ArrayList<>(of(early, earlier));
            cut.addAll(of(late, earlier));
            if (faults(cut) <= faults(whole) - FEWER && (best == whole || faults(cut) < faults(best))) {
                best = cut;
            }
        }
        return best;
    }

    private static int faults(List<OilPiece> pieces) {
        return pieces.stream().mapToInt(p -> p.found().faults().size()).sum();
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
