package silentotter.core.intake;

import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import silentotter.core.intake.ServiceEntry.ServiceKind;
import silentotter.core.job.Job;
import silentotter.core.wording.Say;

/** The service log of an engine: answers "when was it changed last". */
public record ServiceLog(List<ServiceEntry> entries) {
    public ServiceLog {
        entries = entries.stream()
                .sorted(Comparator.comparing(ServiceEntry::date))
                .toList();
    }

    public Optional<ServiceEntry> last(ServiceKind kind) {
        return entries.stream().filter(e -> e.kind() == kind).reduce((a, b) -> b);
    }

    /** When the oil was changed last, seen from a job, in a sentence. */
    public String lastOilChange(Job job) {
        return last(ServiceKind.OIL_CHANGE)
                .map(e -> "Oil changed " + e.date() + since(e, job)
                        + e.litres().map(l -> ", " + Say.litres(l)).orElse("")
                        + e.filterChanged()
                                .map(f -> f ? ", filter too" : ", filter not changed")
                                .orElse(", filter not noted")
                        + (e.what().isBlank() ? "" : ": " + e.what())
                        + ".")
                .orElse("Nobody has written down when the oil was changed last.");
    }

    private static String since(ServiceEntry entry, Job job) {
        long days = ChronoUnit.DAYS.between(entry.date(), job.date());
        Optional<String> run = entry.hours()
                .flatMap(then -> job.hours().map(now -> Say.number(now - then) + " h"))
                .or(() -> entry.distanceKm().flatMap(then -> job.distanceKm().map(now -> Say.kilometres(now - then))));
        return " (" + days + " days ago" + run.map(r -> ", " + r).orElse("") + ")";
    }
}
