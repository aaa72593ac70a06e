package silentotter.core.calculation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.oil.LevelPoint;
import silentotter.core.oil.OilRate;
import silentotter.core.quantity.Estimate;

/** Oil use without a job: a log of dips, top-ups and drains becomes a rate with its interval. */
public final class OilCalculations {
    private static final int MOST_ENTRIES = 2000;
    /** A dip after a proper wait on level ground, mm. */
    private static final double USUAL_DIP_SIGMA_MM = 1;

    private OilCalculations() {}

    /**
     * @param dipMmFromMax negative below the full mark; read before anything was poured or let out
     * @param addedL litres poured in
     * @param removedL litres let out
     */
    public record OilRateEntry(
            @Nullable Double distanceKm,
            @Nullable Double hours,
            @Nullable Double dipMmFromMax,
            @Nullable Double addedL,
            @Nullable Double removedL) {}

    /** @param dipSigmaMm one standard deviation of a dip; 1 mm where it is left out */
    public record OilRateIn(
            List<OilRateEntry> entries,
            Double litresBetweenMarks,
            Double mmBetweenMarks,
            @Nullable Double dipSigmaMm) {}

    /**
     * @param litresUsed between the first and the last dip, with its 95 % interval
     * @param usesOil whether the interval lies above nothing
     * @param distanceToMinKm from the last line to the low mark, the early edge first; empty where the level does not surely
     *     fall or nothing was said of distance
     */
    public record OilRateOut(
            Estimate<Double> litresUsed,
            boolean usesOil,
            Optional<Estimate<Double>> litresPer1000Km,
            Optional<Estimate<Double>> mlPerHour,
            Optional<Estimate<Double>> distanceToMinKm,
            Optional<Estimate<Double>> hoursToMin) {}

    /** @throws silentotter.core.input.InvalidInput with everything that is wrong, by field */
    public static OilRateOut oilRate(OilRateIn in) {
        Problems problems = new Problems();
        Optional<Double> litres = problems.required(
                "litresBetweenMarks", in.litresBetweenMarks(), AllowedRange.DIPSTICK_SPAN_LITRES, v -> v);
        Optional<Double> mm =
                problems.required("mmBetweenMarks", in.mmBetweenMarks(), AllowedRange.DIPSTICK_SPAN_MM, v -> v);
        double sigma = problems.optional("dipSigmaMm", in.dipSigmaMm(), AllowedRange.DIP_SIGMA, v -> v)
                .orElse(USUAL_DIP_SIGMA_MM);
        if (in.entries().size() > MOST_ENTRIES) {
            problems.add(FieldProblem.of("entries", "are too many", "at most " + MOST_ENTRIES));
        }
        for (int i = 0; i < in.entries().size(); i++) {
            check(in.entries().get(i), "entries[" + i + "].", problems);
        }
        boolean byDistance = onAxis(in.entries(), OilRateEntry::distanceKm, "distanceKm", problems);
        boolean byHours = onAxis(in.entries(), OilRateEntry::hours, "hours", problems);
        problems.throwIfAny();
        double litresPerMm = litres.orElseThrow() / mm.orElseThrow();
        Optional<OilRate> km = byDistance ? rate(in, OilRateEntry::distanceKm, litresPerMm, sigma) : Optional.empty();
        Optional<OilRate> hours = byHours ? rate(in, OilRateEntry::hours, litresPerMm, sigma) : Optional.empty();
        OilRate any = km.or(() -> hours)
                .orElseThrow(() -> InvalidInput.at(
                        "entries",
                        "need two dips with a distance or hours between them, and less poured than hides them"));
        double low = -litres.orElseThrow();
        return new OilRateOut(
                times(any.perUnit(), any.span()),
                any.perUnit().low() > 0,
                km.map(r -> times(r.perUnit(), 1000)),
                hours.map(r -> times(r.perUnit(), 1000)),
                km.flatMap(r -> r.until(low)),
                hours.flatMap(r -> r.until(low)));
    }

    private static void check(OilRateEntry e, String at, Problems problems) {
        problems.optional(at + "distanceKm", e.distanceKm(), AllowedRange.DISTANCE, v -> v);
        problems.optional(at + "hours", e.hours(), AllowedRange.HOURS, v -> v);
        problems.optional(at + "dipMmFromMax", e.dipMmFromMax(), AllowedRange.DIP, v -> v);
        problems.optional(at + "addedL", e.addedL(), AllowedRange.ADDED, v -> v);
        problems.optional(at + "removedL", e.removedL(), AllowedRange.REMOVED, v -> v);
        if (e.dipMmFromMax() == null && e.addedL() == null && e.removedL() == null) {
            problems.add(at + "dipMmFromMax", "says neither a dip nor what was poured or let out");
        }
    }

    /** Whether every line says where it stands on this meter; going backwards is collected. */
    private static boolean onAxis(
            List<OilRateEntry> entries,
            Function<OilRateEntry, @Nullable Double> meter,
            String name,
            Problems problems) {
        double before = Double.NEGATIVE_INFINITY;
        boolean all = true;
        for (int i = 0; i < entries.size(); i++) {
            Double at = meter.apply(entries.get(i));
            if (at == null) {
                all = false;
            } else if (at < before) {
                problems.add("entries[" + i + "]." + name, "goes back: is it another meter, or a slip?");
            } else {
                before = at;
            }
        }
        return all;
    }

    private static Optional<OilRate> rate(
            OilRateIn in, Function<OilRateEntry, @Nullable Double> meter, double litresPerMm, double sigmaMm) {
        List<LevelPoint> log = new ArrayList<>(in.entries().size());
        for (OilRateEntry e : in.entries()) {
            log.add(LevelPoint.measured(
                    meter.apply(e),
                    e.dipMmFromMax() == null
                            ? OptionalDouble.empty()
                            : OptionalDouble.of(e.dipMmFromMax() * litresPerMm),
                    sigmaMm * litresPerMm,
                    e.addedL() == null ? 0 : e.addedL(),
                    e.removedL() == null ? 0 : e.removedL()));
        }
        return OilRate.of(log);
    }

    private static Estimate<Double> times(Estimate<Double> e, double factor) {
        return new Estimate<>(e.low() * factor, e.best() * factor, e.high() * factor);
    }
}
