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
import silentotter.app.job.JobRevision;
import silentotter.app.job.Jobs;
import silentotter.app.sheet.AskedUnits;
import silentotter.app.sheet.Sheets;
import silentotter.app.shop.Choices;
import silentotter.core.closing.TrialPlan;
import silentotter.core.comparison.Change;
import silentotter.core.comparison.Changes;
import silentotter.core.comparison.Comparison;
import silentotter.core.comparison.Forecast;
import silentotter.core.comparison.RunIn;
import silentotter.core.comparison.TrialJudged;
import silentotter.core.comparison.Visit;
import silentotter.core.compression.School;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.fault.Learnt;
import silentotter.core.finding.Shop;
import silentotter.core.job.JobRecord;
import silentotter.core.oil.OilEntry;
import silentotter.core.oil.OilEvent;
import silentotter.core.oil.OilSchool;
import silentotter.core.wording.Wording;

/** The jobs of an engine, as visits. What was measured on each is remembered by the revision of its job. */
@Service
public class Histories {
    private static final int MOST_REMEMBERED = 5000;
    private static final int MOST_ENGINES = 50;

    private final Engines engines;
    private final Jobs jobs;
    private final Sheets sheets;
    private final ServiceLogs serviceLogs;
    private final Choices choices;
    private final AskedUnits asked;
    private final Clock clock;
    private final Cache<JobRevision, Seen> known =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();
    /** The visits of an engine together: how fast oil went belongs to the time between them. */
    private final Cache<List<JobRevision>, List<Visit>> together =
            Caffeine.newBuilder().maximumSize(MOST_ENGINES).build();

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

    /** What a job adds to the life of its engine. */
    private record Seen(Visit visit, List<Change> changes, Optional<TrialPlan> trial) {}

    /** Everything of an engine, in the order of days. */
    private record Whole(
            StoredEngine stored, Engine engine, List<Seen> seen, List<Visit> visits, List<Change> changes, Shop shop) {}

    LifeView life(long engineId) {
        Whole whole = whole(engineId);
        Wording wording = new Wording(whole.engine(), asked.units());
        return new LifeView(
                whole.stored(),
                jobs.linesOfEngine(engineId),
                whole.visits().stream().map(LifeView.VisitView::of).toList(),
                whole.changes(),
                RunIn.of(whole.visits(), whole.changes()).map(r -> LifeView.RunInView.of(r, wording)),
                forecasts(whole).stream().map(f -> ForecastView.of(f, wording)).toList(),
                trials(whole).stream().map(t -> TrialView.of(t, wording)).toList());
    }

    private static List<Forecast> forecasts(Whole whole) {
        return Forecast.of(
                whole.engine(),
                whole.visits(),
                whole.changes(),
                whole.shop().choice(School.class, School.LOWEST_75),
                whole.shop().choice(OilSchool.class, OilSchool.LITRES_0_6));
    }

    private List<TrialJudged> trials(Whole whole) {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
        List<Visit> visits = whole.visits();
        return IntStream.range(0, visits.size())
                .boxed()
                .flatMap(i -> whole.seen().get(i).trial().stream()
                        .map(t -> TrialJudged.of(
                                t, visits.get(i), visits.subList(i + 1, visits.size()), whole.changes(), today)))
                .toList();
    }

    /** Two visits with what they say together. */
    public record Pair(Visit before, Visit after, Comparison comparison) {}

    /** @throws NotFound unless both are jobs of this engine */
    public Pair pair(long engineId, long before, long after) {
        return pair(whole(engineId), before, after);
    }

    private static Pair pair(Whole whole, long before, long after) {
        Visit was = visit(whole, before);
        Visit is = visit(whole, after);
        return new Pair(was, is, Comparison.of(was, is, Changes.between(was, is, whole.changes())));
    }

    ComparisonView compared(long engineId, long before, long after) {
        Whole whole = whole(engineId);
        return ComparisonView.of(pair(whole, before, after).comparison(), new Wording(whole.engine(), asked.units()));
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
        Engine engine = engines.read(stored).value();
        List<JobRevision> revisions = jobs.revisionsOfEngine(engineId);
        List<Seen> seen = revisions.stream()
                .map(revision -> known.get(revision, r -> seen(r.id(), shop.learnt())))
                .toList();
        List<Change> changes = new ArrayList<>(
                Changes.of(serviceLogs.log(serviceLogs.of(engineId)).entries()));
        seen.forEach(s -> changes.addAll(s.changes()));
        changes.sort(Comparator.comparing(Change::date));
        return new Whole(
                stored, engine, seen, together.get(revisions, r -> withOil(engine, seen)), List.copyOf(changes), shop);
    }

    private List<Visit> withOil(Engine engine, List<Seen> seen) {
        List<Visit> visits = seen.stream().map(Seen::visit).toList();
        if (visits.isEmpty()) {
            return visits;
        }
        JobRecord last = sheets.record(visits.get(visits.size() - 1).job());
        return Visit.withOil(engine, visits, last.all(OilEntry.class), last.all(OilEvent.class));
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
