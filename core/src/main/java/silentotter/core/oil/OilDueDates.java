package silentotter.core.oil;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import silentotter.core.oil.OilLog.Placed;
import silentotter.core.quantity.Estimate;

/** What falls due by a log: the low mark, the next dip, checkpoints and abort marks of trials that run. */
record OilDueDates(Stick stick, List<OilTrial> trials) {
    /** How much of the oil's life may pass until somebody looks again. */
    private static final double HALFWAY = 0.5;

    List<OilDue> of(OilLog log, LevelFit fit, AxisResult axis, List<OilProof> proofs) {
        List<OilDue> due = new ArrayList<>();
        double now = fit.now().at();
        Optional<Estimate<Double>> low = axis.lowAt();
        low.ifPresent(l -> due.add(at(
                DueKind.LOW_MARK,
                log,
                l.low(),
                "At the low mark from " + RateWords.place(log.meter(), l.low()) + " on, likely at "
                        + RateWords.place(log.meter(), l.best()) + ": top up before.")));
        OptionalDouble proof = proofs.stream()
                .flatMap(p -> p.after().stream())
                .mapToDouble(Double::doubleValue)
                .min();
        OptionalDouble half =
                low.map(l -> OptionalDouble.of((l.low() - now) * HALFWAY)).orElse(OptionalDouble.empty());
        OptionalDouble first = least(proof, half);
        if (first.isPresent()) {
            double place = now + Math.max(0, first.getAsDouble());
            due.add(at(
                    DueKind.NEXT_DIP,
                    log,
                    place,
                    proof.isPresent() && proof.getAsDouble() <= half.orElse(Double.POSITIVE_INFINITY)
                            ? "Dip then: it proves what is open."
                            : "Dip then: halfway to the earliest day of the low mark."));
        }
        trials.stream()
                .filter(t -> t.to().isEmpty())
                .forEach(t -> checkpoint(log, fit, t).ifPresent(due::add));
        trials.stream()
                .filter(t -> t.to().isEmpty())
                .forEach(t -> abort(log, fit, t).ifPresent(due::add));
        due.sort(Comparator.comparing(OilDue::kind));
        return due;
    }

    private Optional<OilDue> checkpoint(OilLog log, LevelFit fit, OilTrial t) {
        Optional<Double> every = log.meter() == Meter.DISTANCE
                ? t.everyKm()
                : log.meter() == Meter.HOURS ? t.everyHours() : Optional.empty();
        return every.map(e -> at(
                DueKind.CHECKPOINT,
                log,
                fit.now().at() + e,
                "Checkpoint of the trial: dip, at the same load all the time."));
    }

    private Optional<OilDue> abort(OilLog log, LevelFit fit, OilTrial t) {
        if (stick.unit() != StickUnit.MILLIMETRES) {
            return Optional.empty();
        }
        return t.abortMm()
                .flatMap(mm -> OilRate.of(fit).until(mm))
                .map(u -> at(
                        DueKind.ABORT_MARK,
                        log,
                        fit.now().at() + u.low(),
                        "The abort mark of the trial is near: from then on dip every time it stops."));
    }

    private OilDue at(DueKind kind, OilLog log, double place, String says) {
        double ahead = Math.max(
                0, place - log.placed().stream().mapToDouble(Placed::at).max().orElse(place));
        Optional<LocalDate> last =
                log.placed().stream().flatMap(p -> p.entry().date().stream()).max(Comparator.naturalOrder());
        Optional<LocalDate> date = log.meter() == Meter.DATE
                ? Optional.of(LocalDate.ofEpochDay((long) Math.min(place, 100_000)))
                : last.flatMap(d -> log.perDay()
                        .filter(p -> ahead / p < 10_000)
                        .map(p -> d.plusDays((long) Math.floor(ahead / p))));
        return new OilDue(
                kind,
                log.meter() == Meter.DISTANCE ? Optional.of(place) : Optional.empty(),
                log.meter() == Meter.HOURS ? Optional.of(place) : Optional.empty(),
                date,
                says);
    }

    /** The lesser of two that may be missing. */
    private static OptionalDouble least(OptionalDouble a, OptionalDouble b) {
        return a.isEmpty() || b.isEmpty()
                ? (a.isPresent() ? a : b)
                : OptionalDouble.of(Math.min(a.getAsDouble(), b.getAsDouble()));
    }
}
