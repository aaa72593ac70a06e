package silentotter.app.change;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.http.Conflict;

/**
 * Takes back the last change of a job, or does it again. The caller names the change it means: when another window
 * has done something since, nothing happens.
 */
@Service
public class Undo {
    private final Journal journal;
    private final List<Undoable> features;

    Undo(Journal journal, List<Undoable> features) {
        this.journal = journal;
        this.features = features;
    }

    @Transactional
    public void undo(long jobId, long changeId) {
        Change change = meant(journal.undoable(jobId), changeId);
        Journal.featureFor(features, change).undo(change);
        journal.mark(change, true);
    }

    @Transactional
    public void redo(long jobId, long changeId) {
        Change change = meant(journal.redoable(jobId), changeId);
        Journal.featureFor(features, change).redo(change);
        journal.mark(change, false);
    }

    private static Change meant(Optional<Change> change, long changeId) {
        return change.filter(c -> c.id() == changeId)
                .orElseThrow(() -> new Conflict("Something newer was done in another window; look at it first."));
    }
}
