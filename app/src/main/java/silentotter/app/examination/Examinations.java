package silentotter.app.examination;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Change;
import silentotter.app.change.ChangeKind;
import silentotter.app.change.Journal;
import silentotter.app.change.Undoable;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What was looked at before the gauges, for each job. Every change is kept; the newest counts. */
@Service
public class Examinations implements Undoable {
    private final ExaminationMapper mapper;
    private final ExaminationDocument document;
    private final Journal journal;
    private final Clock clock;

    Examinations(ExaminationMapper mapper, ExaminationDocument document, Journal journal, Clock clock) {
        this.mapper = mapper;
        this.document = document;
        this.journal = journal;
        this.clock = clock;
    }

    /** The examination of a job as JSON, without what is empty. */
    public ObjectNode json(long jobId) {
        ObjectNode all = document.empty();
        mapper.parts(jobId).forEach(p -> {
            ObjectNode part = document.parse(p.document());
            if (!part.isEmpty()) {
                all.set(p.part().key(), part);
            }
        });
        return all;
    }

    public Examination of(long jobId) {
        return document.toCore(json(jobId));
    }

    /** Corrections of the tray, each in a sentence; they are the trail of plugs that were mixed up. */
    public List<String> corrections(long jobId) {
        return mapper.corrections(jobId, ExaminationPart.PLUGS);
    }

    /**
     * Merges a patch into a part.
     *
     * @throws InvalidInput with everything that is wrong, by field; nothing is changed then
     */
    @Transactional
    public void change(long jobId, Engine engine, ExaminationPart part, JsonNode patch) {
        ObjectNode all = json(jobId);
        ObjectNode before = all.get(part.key()) instanceof ObjectNode o ? o : document.empty();
        write(jobId, engine, all, part, document.merged(before, patch), description(part, patch));
    }

    /** The plugs of two cylinders were mixed up: puts each where it belongs and keeps the trail. */
    @Transactional
    public void swapPlugs(long jobId, Engine engine, int one, int other) {
        int count = engine.arrangement().count();
        if (one == other || Math.min(one, other) < 1 || Math.max(one, other) > count) {
            throw InvalidInput.at("other", "needs two different cylinders of this engine", "1 to " + count);
        }
        ObjectNode all = json(jobId);
        ObjectNode tray = all.get(ExaminationPart.PLUGS.key()) instanceof ObjectNode o ? o : document.empty();
        ObjectNode plugs = tray.get("plugs") instanceof ObjectNode o ? o : tray.putObject("plugs");
        JsonNode first = plugs.remove(Integer.toString(one));
        JsonNode second = plugs.remove(Integer.toString(other));
        if (first == null && second == null) {
            throw InvalidInput.at("one", "nothing was said of either plug yet");
        }
        if (second != null) {
            plugs.set(Integer.toString(one), second);
        }
        if (first != null) {
            plugs.set(Integer.toString(other), first);
        }
        write(jobId, engine, all, ExaminationPart.PLUGS, tray, "plugs " + one + " and " + other + " swapped");
    }

    /** Puts an examination from a file where it belongs; the caller has checked it. Not a step to undo. */
    @Transactional
    public void restore(long jobId, ObjectNode examination) {
        for (ExaminationPart part : ExaminationPart.values()) {
            if (examination.get(part.key()) instanceof ObjectNode o && !o.isEmpty()) {
                mapper.insert(jobId, part, o.toString(), "from a file", now());
            }
        }
    }

    /** Says everything that is wrong with an examination from elsewhere. */
    public void check(ObjectNode examination, Engine engine, Problems problems, String path) {
        document.checked(examination, engine, problems, path);
    }

    private void write(
            long jobId, Engine engine, ObjectNode all, ExaminationPart part, ObjectNode changed, String description) {
        all.set(part.key(), changed);
        Problems problems = new Problems();
        document.checked(all, engine, problems, "");
        if (!problems.isEmpty()) {
            // The sender named the field within the part.
            String within = part.key() + ".";
            throw new InvalidInput(problems.all().stream()
                    .map(p -> new FieldProblem(p.field().replaceFirst("^" + within, ""), p.message(), p.allowed()))
                    .toList());
        }
        long id = mapper.insert(jobId, part, changed.toString(), description, now());
        journal.added(jobId, ChangeKind.EXAMINATION_CHANGED, id, description);
    }

    private static String description(ExaminationPart part, JsonNode patch) {
        JsonNode byCylinder = part == ExaminationPart.PLUGS ? patch.path("plugs") : patch;
        boolean cylinders = part == ExaminationPart.PLUGS || part == ExaminationPart.INSIDE;
        Set<String> keys = new TreeSet<>(byCylinder.propertyNames());
        return cylinders && !keys.isEmpty() ? part.words() + " " + String.join(", ", keys) : part.words();
    }

    private String now() {
        return Instant.now(clock).toString();
    }

    @Override
    public Set<ChangeKind> kinds() {
        return Set.of(ChangeKind.EXAMINATION_CHANGED);
    }

    @Override
    public void undo(Change change) {
        mapper.remove(change.targetId(), true);
    }

    @Override
    public void redo(Change change) {
        mapper.remove(change.targetId(), false);
    }
}
