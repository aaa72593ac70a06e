package silentotter.app.change;

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
    private final WholeRow whole;

    Undo(Journal journal, WholeRow whole) {
        this.journal = journal;
        this.whole = whole;
    }

    @Transactional
    public void undo(long jobId, long changeId) {
        replay(meant(journal.undoable(jobId), changeId), true);
    }

    @Transactional
    public void redo(long jobId, long changeId) {
        replay(meant(journal.redoable(jobId), changeId), false);
    }

    private void replay(Change change, boolean undo) {
        if (change.edits() != null) {
            journal.apply(change, undo);
        } else if (undo) {
            whole.replay(change.targetId(), change.after(), change.before());
        } else {
            whole.replay(change.targetId(), change.before(), change.after());
        }
        journal.mark(change, undo);
    }

    private static Change meant(Optional<Change> change, long changeId) {
        return change.filter(c -> c.id() == changeId)
                .orElseThrow(() -> new Conflict("Something newer was done in another window; look at it first."));
    }
}
