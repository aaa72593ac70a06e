package silentotter.core.oil;

import java.util.List;
import java.util.Optional;
import silentotter.core.engine.OilData;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Volume;

/**
 * The dipstick as far as it is known: in what its dips are counted, and what a litre is worth on it.
 *
 * @param unit of all levels
 * @param low the low mark in that unit, below 0; empty where nobody knows the span in millimetres
 * @param perLitre level units a litre; empty while it is not known
 * @param perLitreShare one standard deviation of that, as a share of it; 0 where it was told
 */
record Stick(StickUnit unit, Optional<Double> low, Optional<Double> perLitre, double perLitreShare) {

    /** From what is known of the engine, for a log as it was dipped. */
    static Stick of(OilData oil, List<OilEntry> log) {
        long inMm = log.stream().filter(e -> e.mm().isPresent()).count();
        long inSpans = log.stream().filter(e -> e.spans().isPresent()).count();
        Optional<Double> span = oil.dipstickSpan().map(Length::mm);
        boolean mm = span.isPresent() ? inMm > 0 : inMm >= inSpans;
        double one = mm ? span.orElse(0.0) : 1;
        Optional<Double> perLitre = oil.dipstickSpanVolume()
                .map(Volume::litres)
                .filter(l -> one > 0)
                .map(l -> one / l);
        return new Stick(
                mm ? StickUnit.MILLIMETRES : StickUnit.SPANS,
                one > 0 ? Optional.of(-one) : Optional.empty(),
                perLitre,
                0);
    }

    Stick knowing(double learntPerLitre, double share) {
        return new Stick(unit, low, Optional.of(learntPerLitre), share);
    }

    /** What a dip says in the unit of this stick; empty where it was read in the other one and the span is not known. */
    Optional<Double> level(OilEntry dip) {
        return unit == StickUnit.MILLIMETRES
                ? dip.mm().or(() -> dip.spans().flatMap(s -> low.map(l -> -s * l)))
                : dip.spans();
    }

    double sigma(OilEntry dip) {
        if (unit == StickUnit.SPANS) {
            return dip.dipSigmaSpans();
        }
        return dip.mm().isPresent() ? dip.dipSigmaMm() : dip.dipSigmaSpans() * -low.orElse(-20.0);
    }

    /** Levels in litres, where that is known. */
    Optional<Double> litres(double level) {
        return perLitre.map(p -> level / p);
    }
}
