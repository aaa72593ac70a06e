package silentotter.app.outcome;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.engine.Engines;
import silentotter.app.job.JobRevision;
import silentotter.app.outcome.OutcomeMapper.PastRow;
import silentotter.app.outcome.OutcomeMapper.PredictionRow;
import silentotter.app.part.FoundThings;
import silentotter.app.part.FoundThings.Ended;
import silentotter.app.part.RepeatedReadings;
import silentotter.app.shop.Choices;
import silentotter.app.storage.Documents;
import silentotter.core.engine.Engine;
import silentotter.core.found.Outcome;
import silentotter.core.learning.Learning;
import silentotter.core.learning.Lesson;
import silentotter.core.outcome.PastJob;
import silentotter.core.outcome.Prediction;

/** All jobs whose engine was opened or mended, and what they teach together. */
@Service
class PastJobs {
    private static final int MOST_REMEMBERED = 5000;

    /** Of a revision of a job; empty where nothing of its engine is known. */
    private final Cache<JobRevision, Optional<Ending>> known =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    private final OutcomeMapper mapper;
    private final Engines engines;
    private final FoundThings found;
    private final List<RepeatedReadings> repeated;
    private final Choices choices;
    private final Documents documents;

    PastJobs(
            OutcomeMapper mapper,
            Engines engines,
            FoundThings found,
            List<RepeatedReadings> repeated,
            Choices choices,
            Documents documents) {
        this.mapper = mapper;
        this.engines = engines;
        this.found = found;
        this.repeated = repeated;
        this.choices = choices;
        this.documents = documents;
    }

    /**
     * @param jobs each once, also where a case file was loaded that was here already
     * @param copies how many were here already
     */
    record Once(List<PastJob> jobs, int copies) {}

    @Transactional(readOnly = true)
    public Once once() {
        List<PastJob> all = ended().stream().map(Ending::past).toList();
        List<PastJob> jobs = PastJob.withoutCopies(all);
        return new Once(jobs, all.size() - jobs.size());
    }

    /** @param hours of the engine then; empty where nobody said */
    record Ending(long engine, Optional<Double> hours, PastJob past) {}

    @Transactional(readOnly = true)
    public List<Ending> ofEngines(Set<Long> wanted) {
        return ended().stream().filter(e -> wanted.contains(e.engine())).toList();
    }

    private List<Ending> ended() {
        List<PastRow> rows = mapper.past();
        List<PastRow> unread =
                rows.stream().filter(r -> known.getIfPresent(at(r)) == null).toList();
        Map<JobRevision, Optional<Ending>> fresh = unread.isEmpty() ? Map.of() : read(unread);
        known.putAll(fresh);
        return rows.stream()
                .map(r -> fresh.containsKey(at(r)) ? fresh.get(at(r)) : known.getIfPresent(at(r)))
                .flatMap(e -> Objects.requireNonNullElse(e, Optional.<Ending>empty()).stream())
                .toList();
    }

    private static JobRevision at(PastRow row) {
        return new JobRevision(row.jobId(), row.revision());
    }

    private Map<JobRevision, Optional<Ending>> read(List<PastRow> rows) {
        Map<Long, Ended> ended = found.ended(rows.stream().map(PastRow::jobId).toList());
        Map<Long, String> predictions = mapper
                .documents(rows.stream()
                        .filter(r -> ended.containsKey(r.jobId()))
                        .map(PastRow::prediction)
                        .toList()
                        .toString())
                .stream()
                .collect(Collectors.toMap(PredictionRow::jobId, PredictionRow::document));
        Map<Long, Engine> own = new HashMap<>();
        rows.forEach(r -> own.computeIfAbsent(r.engineId(), this::engine));
        // Nothing of it asks the database, and after a start there are thousands of them.
        return rows.parallelStream()
                .collect(Collectors.toMap(
                        PastJobs::at,
                        r -> Optional.ofNullable(ended.get(r.jobId()))
                                .map(e -> ending(r, e, own.get(r.engineId()), predictions.get(r.jobId())))));
    }

    private Ending ending(PastRow row, Ended ended, Engine engine, String prediction) {
        return new Ending(
                row.engineId(),
                Optional.ofNullable(row.hours()),
                new PastJob(
                        row.jobId(),
                        row.engineName() + ", " + row.date(),
                        ended.closing().practice().orElse(false),
                        documents.read(prediction, Prediction.class),
                        Outcome.of(engine, ended.found())));
    }

    private Engine engine(long id) {
        return engines.read(engines.byId(id)).value();
    }

    /** What they teach; nothing is taken over by it. */
    @Transactional(readOnly = true)
    public Lesson lesson() {
        return Learning.from(
                once().jobs(),
                repeated.stream().flatMap(r -> r.repeats().stream()).toList());
    }

    /** Takes over what they teach now. */
    @Transactional
    public void learn() {
        choices.learn(lesson());
    }

    /** Takes back what was taken over last. */
    @Transactional
    public void unlearn() {
        choices.unlearn();
    }
}
