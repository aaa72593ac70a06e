package silentotter.app.change;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was done to each job, in order, so that the last thing can be undone. */
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
        mapper.insert(jobId, Instant.now(clock).toString(), kind, targetId, description, before, after);
    }

    /** What undo would take back. */
    public Optional<Change> undoable(long jobId) {
        return mapper.lastDone(jobId);
    }

    /** What redo would do again. */
    public Optional<Change> redoable(long jobId) {
        return mapper.firstUndone(jobId);
    }

    void mark(Change change, boolean undone) {
        mapper.mark(change.id(), undone);
    }

    static Undoable featureFor(List<Undoable> features, Change change) {
        return features.stream()
                .filter(f -> f.kinds().contains(change.kind()))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("nothing can undo " + change.kind()));
    }
}
