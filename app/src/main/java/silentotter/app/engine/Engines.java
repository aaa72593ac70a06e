package silentotter.app.engine;

import static java.util.stream.Collectors.joining;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.FieldMerge;
import silentotter.app.change.Journal;
import silentotter.app.change.Step;
import silentotter.app.change.WholeRow;
import silentotter.app.http.Conflict;
import silentotter.app.http.NotFound;
import silentotter.app.part.SheetPart;
import silentotter.app.storage.Documents;
import silentotter.app.storage.Documents.Readable;
import silentotter.core.engine.Engine;
import silentotter.core.engine.EngineDocument;
import silentotter.core.engine.EngineReader;
import silentotter.core.input.InvalidInput;
import tools.jackson.databind.node.ObjectNode;

/** The engines that the shop keeps records of. */
@Service
public class Engines implements WholeRow {
    private final EngineMapper mapper;
    private final Documents documents;
    private final Journal journal;
    private final List<SheetPart<?>> parts;

    Engines(EngineMapper mapper, Documents documents, Journal journal, List<SheetPart<?>> parts) {
        this.mapper = mapper;
        this.documents = documents;
        this.journal = journal;
        this.parts = parts;
    }

    /** An engine as stored. */
    public record StoredEngine(long id, int revision, EngineDocument engine) {}

    @Transactional(readOnly = true)
    public List<StoredEngine> all() {
        return mapper.all().stream().map(this::stored).toList();
    }

    @Transactional(readOnly = true)
    public StoredEngine byId(long id) {
        return mapper.byId(id).map(this::stored).orElseThrow(() -> new NotFound("There is no engine " + id + "."));
    }

    /** The engine of a stored document, without what an earlier version let pass and this one does not. */
    public Readable<EngineDocument, Engine> read(StoredEngine stored) {
        return documents.readable(
                stored.engine(), EngineDocument.class, (d, problems) -> EngineReader.read(d, problems, ""));
    }

    @Transactional
    public long add(EngineDocument document) {
        Engine engine = EngineReader.read(document);
        return mapper.insert(
                engine.name(), engine.family(), engine.arrangement().count(), documents.write(document));
    }

    /**
     * Changes an engine in the course of a job.
     *
     * @throws Conflict when the engine has changed since that revision
     */
    @Transactional
    public void change(long jobId, long id, int revision, EngineDocument document) {
        StoredEngine before = byId(id);
        write(id, revision, document);
        journal.changed(jobId, id, "change of the engine", documents.write(before.engine()), documents.write(document));
    }

    private void write(long id, int revision, EngineDocument document) {
        Engine engine = EngineReader.read(document);
        refuseToLose(id, engine.arrangement().count());
        if (mapper.update(
                        id,
                        revision,
                        engine.name(),
                        engine.family(),
                        engine.arrangement().count(),
                        documents.write(document))
                == 0) {
            throw new Conflict(
                    byId(id).engine().name()
                            + " was changed in another window meanwhile. What you typed is still here; look at the other change first.");
        }
        journal.touchedJobsOfEngine(id);
    }

    /**
     * An engine was entered twice: all that is of the engine of a job goes to another one. A step of that job; undo brings
     * everything back.
     *
     * @throws InvalidInput unless both have the same cylinders
     */
    @Transactional
    public void merge(long jobId, long id, long into) {
        StoredEngine one = byId(id);
        StoredEngine other = byId(into);
        if (id == into) {
            throw InvalidInput.at("into", "is this engine itself");
        }
        if (!one.engine().banks().equals(other.engine().banks())) {
            throw InvalidInput.at(
                    "into", "has other cylinders: " + other.engine().name() + " cannot be the same engine");
        }
        Step step = journal.step(jobId);
        for (String table : mapper.tablesOfEngines()) {
            mapper.rowsOfEngine(table, id).forEach(row -> step.set(table, row, "engine_id", id, into));
        }
        step.set("engine", id, "merged_into", null, into)
                .done("merging of " + one.engine().name() + " into "
                        + other.engine().name());
        journal.touchedJobsOfEngine(into);
    }

    private void refuseToLose(long id, int count) {
        if (byId(id).engine().banks().stream()
                        .mapToInt(b -> b.cylinders().size())
                        .sum()
                <= count) {
            return;
        }
        Map<String, Set<Integer>> lost = new LinkedHashMap<>();
        for (SheetPart<?> part : parts) {
            Set<Integer> beyond = new TreeSet<>(part.cylindersHeld(id));
            beyond.removeIf(c -> c <= count);
            if (!beyond.isEmpty()) {
                lost.merge(part.held(), beyond, (a, b) -> {
                    a.addAll(b);
                    return a;
                });
            }
        }
        if (!lost.isEmpty()) {
            int least = lost.values().stream()
                    .flatMap(Set::stream)
                    .max(Integer::compareTo)
                    .orElseThrow();
            throw InvalidInput.at(
                    "banks",
                    lost.entrySet().stream()
                                    .map(e -> "there are " + e.getKey() + " of cylinder "
                                            + e.getValue().stream()
                                                    .map(String::valueOf)
                                                    .collect(joining(", ")))
                                    .collect(joining("; "))
                            + ". Take those back or move them first",
                    least + " or more cylinders");
        }
    }

    /** An engine is shared by its jobs: only what this change changed is put back. */
    @Override
    @Transactional
    public void replay(long id, String from, String to) {
        StoredEngine present = byId(id);
        ObjectNode merged = FieldMerge.replay(
                documents.tree(present.engine()),
                documents.tree(documents.read(from, EngineDocument.class)),
                documents.tree(documents.read(to, EngineDocument.class)));
        write(id, present.revision(), documents.fromTree(merged, EngineDocument.class));
    }

    private StoredEngine stored(EngineRow row) {
        return new StoredEngine(row.id(), row.revision(), documents.read(row.document(), EngineDocument.class));
    }
}
