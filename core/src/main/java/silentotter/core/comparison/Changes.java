package silentotter.core.comparison;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import silentotter.core.comparison.Change.ChangeKind;
import silentotter.core.examination.Examination;
import silentotter.core.intake.ServiceEntry;
import silentotter.core.job.JobRecord;
import silentotter.core.wording.Say;

/** Everything that was done to an engine, from its service log and from what its jobs say. */
public final class Changes {
    private Changes() {}

    /** From the service log. */
    public static List<Change> of(List<ServiceEntry> service) {
        return service.stream()
                .map(s -> new Change(s.date(), s.hours(), ChangeKind.of(s.kind()), s.what()))
                .toList();
    }

    /** From a job: what was done when it was opened, and what was told to have changed lately. */
    public static List<Change> of(JobRecord record) {
        Examination seen = record.last(Examination.class, Examination.EMPTY);
        LocalDate date = record.job().date();
        List<Change> changes = new ArrayList<>();
        String done = seen.found().work().inWords();
        if (!done.isEmpty()) {
            changes.add(new Change(date, record.job().hours(), ChangeKind.WORK, done));
        }
        seen.intake()
                .changed()
                .filter(c -> !c.isBlank())
                .ifPresent(c -> changes.add(new Change(date, record.job().hours(), ChangeKind.TOLD, c)));
        seen.intake()
                .hoursSinceBuilt()
                .ifPresent(h -> changes.add(new Change(
                        date,
                        record.job().hours(),
                        ChangeKind.RUNNING_IN,
                        Say.number(h) + " hours since it was built")));
        return changes;
    }

    /**
     * Those between two visits: after the first, up to the second. Work that was done on the first job came after what was
     * measured on it; what was told on the second came before.
     */
    public static List<Change> between(Visit before, Visit after, List<Change> all) {
        return all.stream()
                .filter(c -> !c.date().isBefore(before.date()) && !c.date().isAfter(after.date()))
                .filter(c -> !(c.date().equals(after.date()) && c.kind() == ChangeKind.WORK))
                .filter(c -> !(c.date().equals(before.date()) && c.cameBeforeTheGauges()))
                .sorted(Comparator.comparing(Change::date))
                .toList();
    }

    /** The last repair before a day; wear begins anew there. */
    public static Optional<LocalDate> lastRepair(List<Change> all, LocalDate until) {
        return all.stream()
                .filter(c -> !c.date().isAfter(until) && c.renews())
                .map(Change::date)
                .max(Comparator.naturalOrder());
    }
}
