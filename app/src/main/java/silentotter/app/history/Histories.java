package silentotter.app.history;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import silentotter.app.engine.Engines;
import silentotter.app.engine.Engines.StoredEngine;
import silentotter.app.engine.ServiceLogs;
import silentotter.app.http.NotFound;
import silentotter.app.job.JobLine;
import silentotter.app.job.Jobs;
import silentotter.app.sheet.AskedUnits;
import silentotter.app.sheet.Sheets;
import silentotter.app.shop.Choices;
import silentotter.core.closing.TrialPlan;
import silentotter.core.comparison.Change;
import silentotter.core.comparison.Changes;
import silentotter.core.comparison.Comparison;
import silentotter.core.comparison.Forecast;
import silentotter.core.comparison.TrialJudged;
import silentotter.core.comparison.Visit;
import silentotter.core.compression.School;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.fault.Learnt;
import silentotter.core.finding.Shop;
import silentotter.core.job.JobRecord;
import silentotter.core.wording.Wording;

/** The jobs of an engine, as visits. What was measured on each is remembered by the job's revision. */
@Service
public class Histories {
    private static final int MOST_REMEMBERED = 5000;

    private final Engines engines;
    private final Jobs jobs;
    private final Sheets sheets;
    private final ServiceLogs serviceLogs;
    private final Choices choices;
    private final AskedUnits asked;
    private final Clock clock;
    private final Cache<Revision, Seen> known =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    Histories(
            Engines engines,
            Jobs jobs,
            Sheets sheets,
            ServiceLogs serviceLogs,
            Choices choices,
            AskedUnits asked,
            Clock clock) {
        this.clock = clock;
        this.engines = engines;
        this.jobs = jobs;
        this.sheets = sheets;
        this.serviceLogs = serviceLogs;
        this.choices = choices;
        this.asked = asked;
    }

    private record Revision(long jobId, int revision) {}

    /** What a job adds to the life of its engine. */
    private record Seen(Visit visit, List<Change> changes, Optional<TrialPlan> trial) {}

    /** Everything of an engine, in the order of days. */
    private record Whole(StoredEngine stored, Engine engine, List<Seen> seen, List<Change> changes, Shop shop) {
        List<Visit> visits() {
            return seen.stream().map(Seen::visit).toList();
        }
    }

    LifeView life(long engineId) {
        Whole whole = whole(engineId);
        Wording wording = new Wording(whole.engine(), asked.units());
        List<Visit> visits = whole.visits();
        return new LifeView(
                whole.stored(),
                jobs.linesOfEngine(engineId),
                visits.stream().map(LifeView.VisitView::of).toList(),
                whole.changes(),
                Forecast.of(
                                whole.engine(),
                                visits,
                                whole.changes(),
                                whole.shop().choice(School.class, School.LOWEST_75))
                        .stream()
                        .map(f -> ForecastView.of(f, wording))
                        .toList(),
                trials(whole).stream().map(t -> TrialView.of(t, wording)).toList());
    }

    private List<TrialJudged> trials(Whole whole) {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
        List<Seen> seen = whole.seen();
        return IntStream.range(0, seen.size())
                .boxed()
                .flatMap(i -> seen.get(i).trial().stream()
                        .map(t -> TrialJudged.of(
                                t,
                                seen.get(i).visit(),
                                seen.subList(i + 1, seen.size()).stream()
                                        .map(Seen::visit)
                                        .toList(),
                                whole.changes(),
                                today)))
                .toList();
    }

    /** Two visits with what they say together. */
    public record Pair(Visit before, Visit after, Comparison comparison) {}

    /** @throws NotFound unless both are jobs of this engine */
    public Pair pair(long engineId, long before, long after) {
        Whole whole = whole(engineId);
        Visit was = visit(whole, before);
        Visit is = visit(whole, after);
        return new Pair(was, is, Comparison.of(was, is, Changes.between(was, is, whole.changes())));
    }

    ComparisonView compared(long engineId, long before, long after) {
        return ComparisonView.of(
                pair(engineId, before, after).comparison(),
                new Wording(engines.read(engines.byId(engineId)).value(), asked.units()));
    }

    private static Visit visit(Whole whole, long job) {
        return whole.visits().stream()
                .filter(v -> v.job() == job)
                .findFirst()
                .orElseThrow(() -> new NotFound("There is no job " + job + " of this engine."));
    }

    private Whole whole(long engineId) {
        StoredEngine stored = engines.byId(engineId);
        Shop shop = choices.shop();
        List<Seen> seen = jobs.linesOfEngine(engineId).stream()
                .map(JobLine::id)
                .map(id -> known.get(new Revision(id, jobs.revision(id)), r -> seen(r.jobId(), shop.learnt())))
                .sorted(Comparator.comparing((Seen s) -> s.visit().date())
                        .thenComparing(s -> s.visit().job()))
                .toList();
        List<Change> changes = new ArrayList<>(
                Changes.of(serviceLogs.log(serviceLogs.of(engineId)).entries()));
        seen.forEach(s -> changes.addAll(s.changes()));
        changes.sort(Comparator.comparing(Change::date));
        return new Whole(stored, engines.read(stored).value(), seen, List.copyOf(changes), shop);
    }

    private Seen seen(long jobId, Learnt learnt) {
        JobRecord record = sheets.record(jobId);
        return new Seen(
                Visit.of(jobId, record, learnt),
                Changes.of(record),
                record.last(Examination.class, Examination.EMPTY)
                        .closing()
                        .trial()
                        .filter(TrialPlan::complete));
    }
}
