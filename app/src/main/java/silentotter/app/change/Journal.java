package silentotter.app.change;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.storage.Documents;

/** What was done to each job, in order, so that the last thing can be undone, and how often it changed. */
@Service
public class Journal {
    private final ChangeMapper mapper;
    private final Documents documents;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Journal(ChangeMapper mapper, Documents documents, ApplicationEventPublisher events, Clock clock) {
        this.mapper = mapper;
        this.documents = documents;
        this.events = events;
        this.clock = clock;
    }

    /** Begins a step; the caller is in a transaction and ends it with {@link Step#done}. */
    public Step step(long jobId) {
        events.publishEvent(new JobsTouched());
        return new Step(mapper, documents, jobId, Instant.now(clock));
    }

    /** A row that several jobs share was changed as a whole; who can undo that is a {@link WholeRow}. */
    @Transactional
    public void changed(long jobId, long targetId, String description, String before, String after) {
        mapper.giveUpUndone(jobId);
        mapper.insert(jobId, now(), targetId, description, before, after, null);
        mapper.touch(jobId, now());
        events.publishEvent(new JobsTouched());
    }

    @Transactional
    public void touchedJobsOfEngine(long engineId) {
        mapper.touchJobsOfEngine(engineId, now());
        events.publishEvent(new JobsTouched());
    }

    @Transactional
    public void touchedJobsReadOn(long testerId) {
        mapper.touchJobsReadOn(testerId, now());
        events.publishEvent(new JobsTouched());
    }

    /** The same for all jobs: the shop chose something that counts everywhere. */
    @Transactional
    public void touchedAllJobs() {
        mapper.touchAll(now());
        events.publishEvent(new JobsTouched());
    }

    /** Something was deleted for good: lists are behind. */
    public void gone() {
        events.publishEvent(new JobsTouched());
    }

    /** The trail of what was put right, oldest first. */
    @Transactional(readOnly = true)
    public List<Correction> corrections(long jobId) {
        return mapper.corrections(jobId);
    }

    /** Puts a line of the trail from a file where it belongs. Not a step to undo. */
    @Transactional
    public void restore(long jobId, Correction correction) {
        mapper.insertCorrection(jobId, correction.at(), correction.words());
    }

    /** What undo would take back. */
    public Optional<Change> undoable(long jobId) {
        return mapper.lastDone(jobId);
    }

    /** What redo would do again. */
    public Optional<Change> redoable(long jobId) {
        return mapper.lastUndone(jobId);
    }

    void apply(Change change, boolean undo) {
        Edit[] edits = documents.read(change.edits(), Edit[].class);
        for (int i = 0; i < edits.length; i++) {
            Edit edit = edits[undo ? edits.length - 1 - i : i];
            mapper.set(edit.table(), edit.id(), edit.column(), undo ? edit.before() : edit.after());
        }
    }

    void mark(Change change, boolean undone) {
        mapper.mark(change.id(), undone);
        // It may have been of what the jobs of an engine share, such as its oil log.
        mapper.touchJobsOfSameEngine(change.jobId(), now());
        events.publishEvent(new JobsTouched());
    }

    private String now() {
        return Instant.now(clock).toString();
    }
}
