package silentotter.core.oil;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import silentotter.core.engine.Engine;
import silentotter.core.quantity.Estimate;

/**
 * How fast oil went up to each of several days, since the one before. Only dips of the period itself count, two of them at the
 * least, so that periods are independent of each other; what a litre is worth on the stick is taken from the whole log.
 */
public final class OilPeriods {
    private OilPeriods() {}

    /** A day on which a period ends, with what the meters read then. */
    public record End(LocalDate date, Optional<Double> hours, Optional<Double> km) {
        /** Whether a line was written after it; empty where nothing that both have says so. */
        private Optional<Boolean> isBefore(OilEntry e) {
            return e.date()
                    .map(d -> d.isAfter(date))
                    .or(() -> later(e.hours(), hours))
                    .or(() -> later(e.km(), km));
        }

        private static Optional<Boolean> later(Optional<Double> line, Optional<Double> end) {
            return line.flatMap(l -> end.map(e -> l > e));
        }
    }

    /** @param litres per kilometre, or per hour, with its 95 % interval; below 0 where the level rose */
    public record Period(Meter meter, Estimate<Double> litres) {}

    /**
     * @param events repairs, after which the rate may be another
     * @param ends in the order of their days
     * @return one for each of them; empty without two dips in its period, where a line of it cannot be as it is written, and
     *     where no litre is known on the stick
     */
    public static List<Optional<Period>> of(
            Engine engine, List<OilEntry> entries, List<OilEvent> events, List<End> ends) {
        List<OilPiece> pieces = OilAnalyst.pieces(engine, entries, events);
        boolean told = pieces.stream()
                .map(OilPiece::log)
                .anyMatch(l -> l.meter() != Meter.DATE && l.stick().perLitre().isPresent());
        if (!told) {
            return ends.stream().map(e -> Optional.<Period>empty()).toList();
        }
        Set<Integer> doubted = new HashSet<>();
        pieces.forEach(p -> p.found().faults().forEach(f -> doubted.addAll(f.entries())));
        int[] period = entries.stream().mapToInt(e -> periodOf(e, ends)).toArray();
        return IntStream.range(0, ends.size())
                .mapToObj(i -> {
                    Set<Integer> own = new HashSet<>();
                    for (int k = 0; k < period.length; k++) {
                        if (period[k] == i) {
                            own.add(entries.get(k).number());
                        }
                    }
                    return own.stream().anyMatch(doubted::contains) ? Optional.<Period>empty() : rate(pieces, own);
                })
                .toList();
    }

    private static int periodOf(OilEntry e, List<End> ends) {
        for (int i = 0; i < ends.size(); i++) {
            Optional<Boolean> after = ends.get(i).isBefore(e);
            if (after.isEmpty()) {
                return ends.size();
            }
            if (!after.get()) {
                return i;
            }
        }
        return ends.size();
    }

    /** Of the dips of one period; where a piece ends within it, of those of its last piece with two of them. */
    private static Optional<Period> rate(List<OilPiece> pieces, Set<Integer> own) {
        return pieces.stream()
                .map(p -> p.log()
                        .only(e -> own.contains(e.number()) && p.log().numbers().contains(e.number())))
                .filter(OilLog::hasDipsApart)
                .reduce((a, b) -> b)
                .flatMap(part -> part.fit(List.of())
                        .flatMap(fit -> new RateWords(part.stick())
                                .litres(OilRate.of(fit).perUnit()))
                        .map(litres -> new Period(part.meter(), litres)));
    }
}
