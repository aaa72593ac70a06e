package silentotter.app.engine;

import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Change;
import silentotter.app.change.ChangeKind;
import silentotter.app.change.Journal;
import silentotter.app.change.Undoable;
import silentotter.app.http.Conflict;
import silentotter.app.http.NotFound;
import silentotter.app.storage.Documents;
import silentotter.core.engine.Engine;
import silentotter.core.input.InvalidInput;

/** The engines that the shop keeps records of. */
@Service
public class Engines implements Undoable {
    private final EngineMapper mapper;
    private final Documents documents;
    private final Journal journal;

    Engines(EngineMapper mapper, Documents documents, Journal journal) {
        this.mapper = mapper;
        this.documents = documents;
        this.journal = journal;
    }

    /** An engine as stored. */
    public record StoredEngine(long id, int revision, EngineDocument engine) {}

    public List<StoredEngine> all() {
        return mapper.all().stream().map(this::stored).toList();
    }

    public StoredEngine byId(long id) {
        return mapper.byId(id).map(this::stored).orElseThrow(() -> new NotFound("There is no engine " + id + "."));
    }

    @Transactional
    public long add(EngineDocument document) {
        Engine engine = EngineReader.read(document);
        return mapper.insert(engine.name(), engine.arrangement().count(), documents.write(document));
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
        journal.changed(
                jobId,
                ChangeKind.ENGINE_CHANGED,
                id,
                "change of the engine",
                documents.write(before.engine()),
                documents.write(document));
    }

    private void write(long id, int revision, EngineDocument document) {
        Engine engine = EngineReader.read(document);
        int count = engine.arrangement().count();
        int read = mapper.highestCylinderRead(id);
        if (read > count) {
            throw InvalidInput.at(
                    "banks",
                    "cylinder " + read + " has readings already, so it cannot be left out",
                    read + " or more cylinders");
        }
        if (mapper.update(id, revision, engine.name(), count, documents.write(document)) == 0) {
            throw new Conflict(
                    byId(id).engine().name()
                            + " was changed in another window meanwhile. What you typed is still here; look at the other change first.");
        }
    }

    @Override
    public Set<ChangeKind> kinds() {
        return Set.of(ChangeKind.ENGINE_CHANGED);
    }

    @Override
    public void undo(Change change) {
        put(change.targetId(), change.before());
    }

    @Override
    public void redo(Change change) {
        put(change.targetId(), change.after());
    }

    private void put(long id, String document) {
        write(id, byId(id).revision(), documents.read(document, EngineDocument.class));
    }

    private StoredEngine stored(EngineRow row) {
        return new StoredEngine(row.id(), row.revision(), documents.read(row.document(), EngineDocument.class));
    }
}
