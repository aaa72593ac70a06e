package silentotter.app.blowby;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.http.Conflict;
import silentotter.app.storage.Documents;
import silentotter.core.blowby.CrankcaseTool;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;

/** The shop's orifice adapters, slack tubes and digital gauges. */
@Service
class CrankcaseTools {
    private static final int MOST = 200;

    private final BlowbyMapper mapper;
    private final Documents documents;

    CrankcaseTools(BlowbyMapper mapper, Documents documents) {
        this.mapper = mapper;
        this.documents = documents;
    }

    /** A tool as stored. */
    record StoredTool(long id, int revision, CrankcaseTool tool) {}

    @Transactional(readOnly = true)
    public List<StoredTool> all() {
        return mapper.tools().stream()
                .map(r -> new StoredTool(r.id(), r.revision(), documents.read(r.document(), CrankcaseTool.class)))
                .toList();
    }

    @Transactional
    public void add(CrankcaseTool tool) {
        checked(tool);
        if (all().size() >= MOST) {
            throw InvalidInput.at("name", "this shop has as many as it can hold", "at most " + MOST);
        }
        // The same name again with the same numbers is Enter twice.
        if (all().stream().noneMatch(t -> t.tool().equals(tool))) {
            mapper.insertTool(tool.kind().name(), documents.write(tool));
        }
    }

    /** @throws Conflict when it was changed in another window meanwhile */
    @Transactional
    public void change(long id, int revision, CrankcaseTool tool) {
        checked(tool);
        if (mapper.updateTool(id, revision, tool.kind().name(), documents.write(tool)) == 0) {
            throw new Conflict("This was changed in another window meanwhile.");
        }
    }

    @Transactional
    public void remove(long id, int revision) {
        if (mapper.removeTool(id, revision) == 0) {
            throw new Conflict("This was changed in another window meanwhile.");
        }
    }

    private static void checked(CrankcaseTool tool) {
        Problems problems = new Problems();
        tool.check(problems);
        problems.throwIfAny();
    }
}
