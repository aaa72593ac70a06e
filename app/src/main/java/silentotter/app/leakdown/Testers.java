package silentotter.app.leakdown;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Journal;
import silentotter.app.http.Conflict;
import silentotter.app.http.NotFound;
import silentotter.app.storage.Documents;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;

/** The leak-down testers of the shop. */
@Service
public class Testers {
    private static final int MOST = 200;

    private final LeakdownMapper mapper;
    private final Documents documents;
    private final Journal journal;

    Testers(LeakdownMapper mapper, Documents documents, Journal journal) {
        this.mapper = mapper;
        this.documents = documents;
        this.journal = journal;
    }

    /** A tester as stored. */
    public record StoredTester(long id, int revision, TesterDocument tester) {}

    @Transactional(readOnly = true)
    public List<StoredTester> all() {
        return mapper.testers().stream().map(this::stored).toList();
    }

    @Transactional(readOnly = true)
    public StoredTester byId(long id) {
        return mapper.tester(id).map(this::stored).orElseThrow(() -> new NotFound("There is no tester " + id + "."));
    }

    private StoredTester stored(LeakdownMapper.TesterRow r) {
        return new StoredTester(r.id(), r.revision(), documents.read(r.document(), TesterDocument.class));
    }

    @Transactional
    public long add(TesterDocument document) {
        checked(document);
        if (mapper.testers().size() >= MOST) {
            throw InvalidInput.at("name", "this shop has as many testers as it can hold", "at most " + MOST);
        }
        return mapper.insertTester(document.name().strip(), documents.write(document));
    }

    /** The tester that a case file names: the one that is the same in every respect, or a new one. */
    @Transactional
    public long same(TesterDocument document) {
        Optional<StoredTester> known =
                all().stream().filter(t -> t.tester().equals(document)).findFirst();
        return known.map(StoredTester::id).orElseGet(() -> add(document));
    }

    /** @throws Conflict when the tester has changed since that revision */
    @Transactional
    public void change(long id, int revision, TesterDocument document) {
        checked(document);
        if (mapper.updateTester(id, revision, document.name().strip(), documents.write(document)) == 0) {
            throw new Conflict("This tester was changed in another window meanwhile.");
        }
        journal.touchedJobsReadOn(id);
    }

    private static void checked(TesterDocument document) {
        Problems problems = new Problems();
        document.read(problems, "");
        problems.throwIfAny();
    }
}
