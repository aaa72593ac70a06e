package silentotter.app.job;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Journal;
import silentotter.app.engine.Engines;
import silentotter.app.http.Conflict;
import silentotter.app.http.NotFound;
import silentotter.app.job.JobMapper.Hit;
import silentotter.app.storage.Documents;
import silentotter.app.storage.Documents.Readable;
import silentotter.core.diagnosis.Tone;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Family;
import silentotter.core.job.Job;
import silentotter.core.job.JobDocument;
import silentotter.core.job.JobReader;

/** The jobs of the shop. */
@Service
public class Jobs {
    private static final String JOB = "job";

    private final JobMapper mapper;
    private final Engines engines;
    private final Documents documents;
    private final Journal journal;
    private final Clock clock;

    Jobs(JobMapper mapper, Engines engines, Documents documents, Journal journal, Clock clock) {
        this.mapper = mapper;
        this.engines = engines;
        this.documents = documents;
        this.journal = journal;
        this.clock = clock;
    }

    /** A job as stored. */
    public record StoredJob(
            long id, long engineId, int documentRevision, JobDocument job, int revision, String changedAt) {}

    /** A page of the list. */
    public record Page(int total, List<JobLine> jobs) {}

    @Transactional(readOnly = true)
    public Page page(JobFilter filter, int limit, int offset) {
        if (filter.asksNothing()) {
            return new Page(mapper.countAll(), mapper.newest(limit, offset));
        }
        List<Hit> hits = mapper.hits(filter, filter.like(), limit, offset);
        // Beyond the last one nobody says how many there are.
        List<Hit> first = hits.isEmpty() && offset > 0 ? mapper.hits(filter, filter.like(), 1, 0) : hits;
        int total = first.isEmpty() ? 0 : first.get(0).total();
        return new Page(total, mapper.lines(hits.stream().map(Hit::id).toList().toString()));
    }

    /** What there is to filter by. */
    public record Known(List<String> technicians, List<String> families) {}

    @Transactional(readOnly = true)
    public Known known() {
        return new Known(mapper.technicians(), mapper.families());
    }

    @Transactional(readOnly = true)
    public StoredJob byId(long id) {
        return mapper.byId(id)
                .map(r -> new StoredJob(
                        r.id(),
                        r.engineId(),
                        r.documentRevision(),
                        documents.read(r.document(), JobDocument.class),
                        r.revision(),
                        r.changedAt()))
                .orElseThrow(() -> new NotFound("There is no job " + id + "."));
    }

    @Transactional(readOnly = true)
    public List<Long> ofEngine(long engineId) {
        return mapper.ofEngine(engineId);
    }

    /** The lines of all jobs, oldest first. */
    @Transactional(readOnly = true)
    public List<JobLine> lines() {
        return mapper.allLines();
    }

    /** The lines of an engine's jobs, newest first. */
    @Transactional(readOnly = true)
    public List<JobLine> linesOfEngine(long engineId) {
        return mapper.linesOfEngine(engineId);
    }

    /** Of an engine, oldest first. */
    @Transactional(readOnly = true)
    public List<JobRevision> revisionsOfEngine(long engineId) {
        return mapper.revisionsOfEngine(engineId);
    }

    @Transactional(readOnly = true)
    public int revision(long id) {
        return mapper.revision(id).orElseThrow(() -> new NotFound("There is no job " + id + "."));
    }

    /** The job of a stored document, without what an earlier version let pass and this one does not. */
    public Readable<JobDocument, Job> read(StoredJob stored) {
        // Only an impossible date can be left out and be needed; the day of the last change stands in for it.
        String day = stored.changedAt().substring(0, 10);
        Readable<JobDocument, Job> read = documents.readable(
                stored.job(),
                JobDocument.class,
                (d, problems) -> JobReader.read(d.date() == null ? d.on(day) : d, problems, ""));
        return read.document().date() == null
                ? new Readable<>(read.document().on(day), read.value(), read.leftOut())
                : read;
    }

    /** The engine that a job is about. */
    @Transactional(readOnly = true)
    public Engine engineOf(long id) {
        return engines.read(engines.byId(byId(id).engineId())).value();
    }

    @Transactional
    public long add(long engineId, JobDocument document) {
        Job job = JobReader.read(document);
        engines.byId(engineId);
        return mapper.insert(
                engineId,
                job.date().toString(),
                job.complaint(),
                job.technician(),
                documents.write(document),
                Instant.now(clock).toString());
    }

    /** @throws Conflict when the job has changed since that revision */
    @Transactional
    public void change(long id, int documentRevision, JobDocument document) {
        Job after = JobReader.read(document);
        StoredJob before = byId(id);
        if (before.documentRevision() != documentRevision) {
            throw new Conflict(
                    "This job was changed in another window meanwhile. What you typed is still here; look at the other change first.");
        }
        JobDocument was = read(before).document();
        journal.step(id)
                .set(JOB, id, "document", documents.write(before.job()), documents.write(document))
                .set(JOB, id, "date", was.date(), after.date().toString())
                .set(JOB, id, "complaint", stripped(was.complaint()), after.complaint())
                .set(JOB, id, "technician", stripped(was.technician()), after.technician())
                .done("change of the job");
    }

    private static String stripped(String text) {
        return Objects.requireNonNullElse(text, "").strip();
    }

    /**
     * Keeps what the verdict of a revision of a job is, for the list; a job that has changed since is left alone.
     *
     * @param suspect whom it is about; empty for nobody
     * @param open how many findings it does not explain
     */
    @Transactional
    public void keepHeadline(long id, int revision, String headline, Tone tone, Optional<Family> suspect, int open) {
        mapper.keepHeadline(
                id, revision, headline, tone, suspect.map(Enum::name).orElse(""), open);
    }

    /** Jobs whose headline belongs to an older revision, newest first. */
    @Transactional(readOnly = true)
    public List<Long> withOldHeadline(int limit) {
        return mapper.withOldHeadline(limit);
    }
}
