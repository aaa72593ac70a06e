package silentotter.core.oil;

import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import silentotter.core.job.Observation;

/** A set trial: known load, checkpoints, clean plugs in, an abort mark. */
public record OilTrial(
        LocalDate from,
        Optional<LocalDate> to,
        String load,
        Optional<Double> loadKw,
        Optional<Double> everyKm,
        Optional<Double> everyHours,
        boolean cleanPlugs,
        Optional<Double> abortMm,
        boolean counts)
        implements Observation {

    /** Empty when problems were added. */
    public static Optional<OilTrial> read(
            OilTrialDocument d, @Nullable String setAside, Problems problems, String path) {
        int before = problems.all().size();
        Optional<LocalDate> from = problems.day(path + "from", d.from());
        Optional<LocalDate> to = d.to() == null ? Optional.empty() : problems.day(path + "to", d.to());
        if (from.isPresent() && to.filter(t -> t.isBefore(from.get())).isPresent()) {
            problems.add(path + "to", "lies before the trial begins");
        }
        String load = problems.text(path + "load", d.load(), OilEntryReader.LONGEST_WORDS);
        if (load.isEmpty()) {
            problems.add(FieldProblem.of(path + "load", "is missing: a trial runs at a known load", "in words"));
        }
        problems.text(path + "note", d.note(), OilEntryReader.LONGEST_WORDS);
        Optional<Double> kw = problems.optional(path + "loadKw", d.loadKw(), AllowedRange.TRIAL_LOAD, v -> v);
        Optional<Double> km = problems.optional(path + "everyKm", d.everyKm(), AllowedRange.TRIAL_KM, v -> v);
        Optional<Double> hours =
                problems.optional(path + "everyHours", d.everyHours(), AllowedRange.TRIAL_HOURS, v -> v);
        Optional<Double> abort = problems.optional(path + "abortMm", d.abortMm(), AllowedRange.TRIAL_ABORT, v -> v);
        return problems.all().size() > before
                ? Optional.empty()
                : from.map(f -> new OilTrial(
                        f, to, load, kw, km, hours, Boolean.TRUE.equals(d.cleanPlugs()), abort, setAside == null));
    }

    boolean holds(OilEntry e) {
        return e.date().isPresent()
                && !e.date().get().isBefore(from)
                && to.map(t -> !e.date().get().isAfter(t)).orElse(true);
    }

    boolean isBefore(OilEntry e) {
        return e.date().filter(d -> d.isBefore(from)).isPresent();
    }

    boolean isAfter(OilEntry e) {
        return to.isPresent() && e.date().filter(d -> d.isAfter(to.get())).isPresent();
    }
}
