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
import silentotter.app.change.Corrections;
import silentotter.app.change.Journal;
import silentotter.app.change.Undoable;
import silentotter.app.engine.HoldsCylinders;
import silentotter.app.storage.Documents;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What was looked at before the gauges, for each job. Every change is kept; the newest counts. */
@Service
public class Examinations implements Undoable, HoldsCylinders {
    private final ExaminationMapper mapper;
    private final ExaminationDocument document;
    private final Documents documents;
    private final Journal journal;
    private final Corrections corrections;
    private final Clock clock;

    Examinations(
            ExaminationMapper mapper,
            ExaminationDocument document,
            Documents documents,
            Journal journal,
            Corrections corrections,
            Clock clock) {
        this.mapper = mapper;
        this.document = document;
        this.documents = documents;
        this.journal = journal;
        this.corrections = corrections;
        this.clock = clock;
    }

    /** The examination of a job as JSON, without what is empty. */
    @Transactional(readOnly = true)
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

    /**
     * An examination as it is kept.
     *
     * @param leftOut names of parts that cannot be read any more
     */
    public record Kept(ObjectNode json, Examination examination, List<String> leftOut) {}

    @Transactional(readOnly = true)
    public Kept of(long jobId) {
        return document.readable(json(jobId));
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

    /** Two cylinders that were mixed up, and the sentence that says so. */
    private record Swapped(ExaminationPart part, int one, int other, long correction) {}

    /**
     * What was said of two cylinders was mixed up: puts each where it belongs, photos too, and keeps the trail. Where
     * nothing was said of the other, it is moved.
     */
    @Transactional
    public void swap(long jobId, Engine engine, ExaminationPart part, int one, int other) {
        int count = engine.arrangement().count();
        if (one == other || Math.min(one, other) < 1 || Math.max(one, other) > count) {
            throw InvalidInput.at("other", "needs two different cylinders of this engine", "1 to " + count);
        }
        String pointer =
                part.byCylinder().orElseThrow(() -> InvalidInput.at("part", "is not written down by cylinder"));
        ObjectNode all = json(jobId);
        ObjectNode changed = all.get(part.key()) instanceof ObjectNode o ? o : document.empty();
        ObjectNode byCylinder = changed.at(pointer) instanceof ObjectNode o ? o : document.empty();
        JsonNode first = byCylinder.remove(Integer.toString(one));
        JsonNode second = byCylinder.remove(Integer.toString(other));
        if (first == null && second == null) {
            throw InvalidInput.at("one", "nothing was said of either yet");
        }
        if (second != null) {
            byCylinder.set(Integer.toString(one), second);
        }
        if (first != null) {
            byCylinder.set(Integer.toString(other), first);
        }
        all.set(part.key(), changed);
        Problems problems = new Problems();
        document.checked(all, engine, problems, "");
        problems.throwIfAny();
        String description = part.words() + " " + one + " and " + other + " swapped";
        long id = mapper.insert(jobId, part, changed.toString(), description, now());
        mapper.swapPhotos(jobId, part, one, other);
        String swapped = documents.write(new Swapped(part, one, other, corrections.add(jobId, description)));
        journal.changed(jobId, ChangeKind.EXAMINATION_SWAPPED, id, description, swapped, swapped);
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
    public String held() {
        return "findings";
    }

    @Override
    public Set<Integer> cylindersHeld(long engineId) {
        Set<Integer> held = new TreeSet<>();
        mapper.partsOfEngine(engineId)
                .forEach(p -> p.part()
                        .byCylinder()
                        .ifPresent(pointer -> document.parse(p.document())
                                .at(pointer)
                                .propertyNames()
                                .forEach(key -> held.add(Integer.valueOf(key)))));
        return held;
    }

    @Override
    public Set<ChangeKind> kinds() {
        return Set.of(ChangeKind.EXAMINATION_CHANGED, ChangeKind.EXAMINATION_SWAPPED);
    }

    @Override
    public void undo(Change change) {
        apply(change, true);
    }

    @Override
    public void redo(Change change) {
        apply(change, false);
    }

    private void apply(Change change, boolean removed) {
        mapper.remove(change.targetId(), removed);
        if (change.kind() == ChangeKind.EXAMINATION_SWAPPED) {
            Swapped s = documents.read(change.before(), Swapped.class);
            mapper.swapPhotos(change.jobId(), s.part(), s.one(), s.other());
            corrections.takeBack(s.correction(), removed);
        }
    }
}
