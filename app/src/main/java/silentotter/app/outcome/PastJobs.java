package silentotter.app.outcome;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.engine.Engines;
import silentotter.app.outcome.OutcomeMapper.PastRow;
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

    @Transactional(readOnly = true)
    public List<PastJob> all() {
        Map<Long, Ended> ended = found.ended();
        Map<Long, Engine> known = new HashMap<>();
        return mapper.past().stream()
                .flatMap(row -> Optional.ofNullable(ended.get(row.jobId())).map(e -> pastJob(row, e, known)).stream())
                .toList();
    }

    private PastJob pastJob(PastRow row, Ended ended, Map<Long, Engine> known) {
        Engine engine = engine(row.engineId(), known);
        return new PastJob(
                row.jobId(),
                row.engineName() + ", " + row.date(),
                ended.closing().practice().orElse(false),
                documents.read(row.document(), Prediction.class),
                Outcome.of(engine, ended.found()));
    }

    /**
     * What was found on engines of one family.
     *
     * @param hours of the engine then; empty where nobody said
     */
    record FoundThen(long job, long engine, String name, Optional<Double> hours, Outcome outcome) {}

    @Transactional(readOnly = true)
    public List<FoundThen> ofEngines(Set<Long> wanted) {
        Map<Long, Ended> ended = found.ended();
        Map<Long, Engine> known = new HashMap<>();
        return mapper.past().stream()
                .filter(row -> wanted.contains(row.engineId()) && ended.containsKey(row.jobId()))
                .map(row -> new FoundThen(
                        row.jobId(),
                        row.engineId(),
                        row.engineName() + ", " + row.date(),
                        Optional.ofNullable(row.hours()),
                        Outcome.of(
                                engine(row.engineId(), known),
                                ended.get(row.jobId()).found())))
                .toList();
    }

    private Engine engine(long id, Map<Long, Engine> known) {
        return known.computeIfAbsent(id, i -> engines.read(engines.byId(i)).value());
    }

    /** What they teach; nothing is taken over by it. */
    @Transactional(readOnly = true)
    public Lesson lesson() {
        return Learning.from(
                all(), repeated.stream().flatMap(r -> r.repeats().stream()).toList());
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
