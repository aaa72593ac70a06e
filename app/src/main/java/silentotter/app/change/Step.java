package silentotter.app.change;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import silentotter.app.storage.Documents;
import silentotter.core.input.Problems;

/** One step of a job under way, in one transaction: what it changes is written at once and remembered for undo. */
public final class Step {
    /** A reason for leaving a reading out, or a line of the trail. */
    public static final int LONGEST_REASON = 400;

    private final ChangeMapper mapper;
    private final Documents documents;
    private final long jobId;
    private final String now;
    private final List<Edit> edits = new ArrayList<>();

    Step(ChangeMapper mapper, Documents documents, long jobId, Instant now) {
        this.mapper = mapper;
        this.documents = documents;
        this.jobId = jobId;
        this.now = now.toString();
    }

    /** A row was added; undo marks it as removed. */
    public Step added(String table, long id) {
        edits.add(new Edit(table, id, "removed", 1, 0));
        return this;
    }

    /** Changes a value of a row. */
    public Step set(String table, long id, String column, Object before, Object after) {
        Edit edit = new Edit(table, id, column, before, after);
        mapper.set(table, id, column, after);
        edits.add(edit);
        return this;
    }

    /** Leaves a reading out of the results, with a reason; an empty reason counts it again. */
    public void setAside(String table, long id, @Nullable String before, @Nullable String reason, String what) {
        Problems problems = new Problems();
        String text = problems.text("reason", reason, LONGEST_REASON);
        problems.throwIfAny();
        set(table, id, "set_aside", before, text.isEmpty() ? null : text)
                .done((text.isEmpty() ? "counting again of " : "setting aside of ") + what);
    }

    /** Leaves a sentence in the trail of the job; undo takes it back. */
    public Step corrected(String words) {
        return added("correction", mapper.insertCorrection(jobId, now, words));
    }

    /** @param description for the person, after "undo": "dry reading on cylinder 3" */
    public void done(String description) {
        mapper.giveUpUndone(jobId);
        mapper.insert(jobId, now, 0, description, null, null, documents.write(edits));
        mapper.touch(jobId, now);
    }

    /** The step is to put something right: its description stays in the trail. */
    public void doneAsCorrection(String words) {
        corrected(words).done(words);
    }
}
