package silentotter.app.oil;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeSet;
import org.springframework.stereotype.Service;
import silentotter.app.http.NotFound;
import silentotter.app.job.Jobs;
import silentotter.app.part.DueEngines;
import silentotter.app.sheet.Sheets;
import silentotter.core.examination.Examination;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.oil.DueKind;
import silentotter.core.oil.OilAnalysis;
import silentotter.core.oil.OilDue;
import silentotter.core.signs.Soak;
import silentotter.core.wording.Say;

/** What falls due in the shop: dips, low marks, checkpoints, retests and soaks; what runs low stands ahead of everything. */
@Service
class DueList implements DueEngines {
    /** So long before the earliest day of the low mark it is warned of. */
    private static final int WARNS_DAYS = 14;
    /** No wait is longer. */
    private static final int SOAKS_DAYS = 4;

    private final OilMapper mapper;
    private final Jobs jobs;
    private final Sheets sheets;
    private final Clock clock;

    DueList(OilMapper mapper, Jobs jobs, Sheets sheets, Clock clock) {
        this.mapper = mapper;
        this.jobs = jobs;
        this.sheets = sheets;
        this.clock = clock;
    }

    @Override
    public List<Long> due() {
        return all().stream().map(DueLine::engineId).distinct().toList();
    }

    List<DueLine> all() {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
        List<DueLine> due = new ArrayList<>();
        TreeSet<Long> latest = new TreeSet<>();
        mapper.enginesWithSomethingDue().forEach(e -> mapper.latestJob(e).ifPresent(latest::add));
        latest.addAll(mapper.jobsWithSoak(
                clock.instant().minus(SOAKS_DAYS, ChronoUnit.DAYS).toString()));
        latest.forEach(job -> due.addAll(ofJob(job, today)));
        due.sort(Comparator.comparing((DueLine d) -> !(d.urgent() && DueLine.isOil(d.kind())))
                .thenComparing(d -> !d.urgent())
                .thenComparing(d -> d.date().orElse("9999"))
                .thenComparing(DueLine::kind)
                .thenComparing(DueLine::engineName));
        return due;
    }

    /** @throws NotFound when nothing of that name is due any more */
    DueLine named(String name) {
        return all().stream()
                .filter(d -> d.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new NotFound("Nothing called '" + name + "' is due."));
    }

    private List<DueLine> ofJob(long jobId, LocalDate today) {
        Interpretation said = sheets.interpretation(jobId);
        Jobs.StoredJob job = jobs.byId(jobId);
        List<OilDue> due = new ArrayList<>(
                said.said().of(OilAnalysis.class, OilAnalysis.NONE).due());
        mapper.reminders(job.engineId())
                .forEach(r -> due.add(new OilDue(
                        DueKind.RETEST, Optional.empty(), Optional.empty(), day(r.date()), Say.typed(r.words()))));
        said.record()
                .last(Examination.class, Examination.EMPTY)
                .signs()
                .soak()
                .flatMap(this::soaked)
                .ifPresent(due::add);
        List<DueLine> lines = new ArrayList<>();
        for (int i = 0; i < due.size(); i++) {
            lines.add(line(job, said.engine().name(), due.get(i), i, today));
        }
        return lines;
    }

    private static DueLine line(Jobs.StoredJob job, String engine, OilDue d, int number, LocalDate today) {
        boolean low = DueLine.isOil(d.kind());
        boolean urgent = d.date()
                .filter(day -> !day.isAfter(low ? today.plusDays(WARNS_DAYS) : today.minusDays(1)))
                .isPresent();
        String name =
                job.engineId() + "-" + d.kind().name().toLowerCase(Locale.ROOT).replace('_', '-') + "-" + number;
        return new DueLine(
                name,
                job.engineId(),
                engine,
                job.id(),
                d.kind(),
                d.date().map(LocalDate::toString),
                d.km(),
                d.hours(),
                urgent,
                d.says());
    }

    /** A soak is due on the day it is over, as long as that is not long ago. */
    private Optional<OilDue> soaked(Soak soak) {
        try {
            Instant over = Instant.parse(soak.startedAt()).plus(Math.round(soak.minutes()), ChronoUnit.MINUTES);
            return over.isBefore(clock.instant().minus(1, ChronoUnit.DAYS))
                    ? Optional.empty()
                    : Optional.of(new OilDue(
                            DueKind.SOAK,
                            Optional.empty(),
                            Optional.empty(),
                            Optional.of(LocalDate.ofInstant(over, ZoneOffset.UTC)),
                            "The wait is over at "
                                    + over.truncatedTo(ChronoUnit.MINUTES)
                                            .toString()
                                            .substring(11, 16) + " UTC: look before it is started."));
        } catch (DateTimeParseException | ArithmeticException e) {
            return Optional.empty();
        }
    }

    private static Optional<LocalDate> day(String date) {
        try {
            return Optional.of(LocalDate.parse(date));
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }
}
