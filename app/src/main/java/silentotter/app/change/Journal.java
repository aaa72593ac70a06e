package silentotter.app.change;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was done to each job, in order, so that the last thing can be undone, and how often it changed. */
@Service
public class Journal {
    private final ChangeMapper mapper;
    private final Clock clock;

    Journal(ChangeMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    @Transactional
    public void added(long jobId, ChangeKind kind, long targetId, String description) {
        changed(jobId, kind, targetId, description, null, null);
    }

    @Transactional
    public void changed(long jobId, ChangeKind kind, long targetId, String description, String before, String after) {
        mapper.giveUpUndone(jobId);
        mapper.insert(jobId, now(), kind, targetId, description, before, after);
        mapper.touch(jobId, now());
    }

    /**
     * Notes that something on this job's sheet is different now. Its headline and whatever else is worked out from it
     * belong to an older revision from here on.
     */
    @Transactional
    public void touched(long jobId) {
        mapper.touch(jobId, now());
    }

    @Transactional
    public void touchedJobsOfEngine(long engineId) {
        mapper.touchJobsOfEngine(engineId, now());
    }

    @Transactional
    public void touchedJobsReadOn(long testerId) {
        mapper.touchJobsReadOn(testerId, now());
    }

    /** The same for all jobs: the shop chose something that counts everywhere. */
    @Transactional
    public void touchedAllJobs() {
        mapper.touchAll(now());
    }

    private String now() {
        return Instant.now(clock).toString();
    }

    /** What undo would take back. */
    public Optional<Change> undoable(long jobId) {
        return mapper.lastDone(jobId);
    }

    /** What redo would do again. */
    public Optional<Change> redoable(long jobId) {
        return mapper.lastUndone(jobId);
    }

    void mark(Change change, boolean undone) {
        mapper.mark(change.id(), undone);
        mapper.touch(change.jobId(), now());
    }

    static Undoable featureFor(List<Undoable> features, Change change) {
        return features.stream()
                .filter(f -> f.kinds().contains(change.kind()))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("nothing can undo " + change.kind()));
    }
}
