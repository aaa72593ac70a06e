package silentotter.app.leakdown;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Journal;
import silentotter.app.http.Conflict;
import silentotter.app.http.NotFound;
import silentotter.app.leakdown.LeakdownMapper.CheckRow;
import silentotter.app.leakdown.LeakdownMapper.TesterRow;
import silentotter.app.storage.Documents;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.instruments.TesterDocument;
import silentotter.core.learning.BleedCheck;
import silentotter.core.learning.TesterBias;

/**
 * The leak-down testers of the shop, as versions. What betters a tester (a calibration, a slip put right) betters what was
 * read with it before. What changes it begins another one, which follows it: a reading keeps the one it was taken with.
 */
@Service
class Testers {
    private static final int MOST = 200;

    private final LeakdownMapper mapper;
    private final Documents documents;
    private final Journal journal;
    private final Clock clock;

    Testers(LeakdownMapper mapper, Documents documents, Journal journal, Clock clock) {
        this.mapper = mapper;
        this.documents = documents;
        this.journal = journal;
        this.clock = clock;
    }

    /**
     * A tester as stored.
     *
     * @param since when it began, where it followed another one
     * @param follows the one that it was before it was changed
     * @param until when another one followed it: nothing new is read with it
     * @param bias what its checks have taught; null while it was never checked
     */
    record StoredTester(
            long id,
            int revision,
            TesterDocument tester,
            @Nullable String since,
            @Nullable Long follows,
            @Nullable String until,
            @Nullable TesterBias bias) {}

    /** Those that were changed since, too. */
    @Transactional(readOnly = true)
    public List<StoredTester> all() {
        Map<Long, List<BleedCheck>> checks = checks();
        return mapper.testers().stream()
                .map(r -> stored(r, checks.getOrDefault(r.id(), List.of())))
                .toList();
    }

    /** Those that can be read with now. */
    @Transactional(readOnly = true)
    public List<StoredTester> current() {
        return all().stream().filter(t -> t.until() == null).toList();
    }

    @Transactional(readOnly = true)
    public StoredTester byId(long id) {
        return all().stream()
                .filter(t -> t.id() == id)
                .findFirst()
                .orElseThrow(() -> new NotFound("There is no tester " + id + "."));
    }

    private StoredTester stored(TesterRow r, List<BleedCheck> checks) {
        TesterDocument tester = documents.read(r.document(), TesterDocument.class);
        // One whose orifice was entered by hand again is as it was entered.
        TesterBias bias = checks.isEmpty() || !tester.calibrated() ? null : TesterBias.of(checks);
        return new StoredTester(r.id(), r.revision(), tester, r.since(), r.follows(), r.until(), bias);
    }

    /**
     * A tester was read on bleed holes: what all its checks say together betters it.
     *
     * @param found the tester as this check alone says
     * @param hidden whether the holes had to tell its supply too
     */
    @Transactional
    public void checked(StoredTester before, TesterDocument found, boolean hidden) {
        refuseIfOver(before.id());
        List<BleedCheck> all = new ArrayList<>(checks().getOrDefault(before.id(), List.of()));
        Double stated = all.isEmpty()
                ? before.tester().effectiveOrificeMm().orElse(null)
                : all.get(0).statedMm();
        BleedCheck check =
                new BleedCheck(Instant.now(clock).toString(), found.orificeMm(), found.supplyKPa(), hidden, stated);
        all.add(check);
        mapper.insertCheck(before.id(), documents.write(check));
        better(before.id(), before.revision(), TesterBias.of(all).applied(found));
    }

    /** By tester, oldest first. */
    private Map<Long, List<BleedCheck>> checks() {
        return mapper.checks().stream()
                .collect(Collectors.groupingBy(
                        CheckRow::testerId,
                        Collectors.mapping(r -> documents.read(r.document(), BleedCheck.class), Collectors.toList())));
    }

    @Transactional
    public long add(TesterDocument document) {
        return add(document, null, null);
    }

    private long add(TesterDocument document, String since, Long follows) {
        checked(document);
        if (mapper.testers().size() >= MOST) {
            throw InvalidInput.at("name", "this shop has as many testers as it can hold", "at most " + MOST);
        }
        return mapper.insertTester(document.name().strip(), documents.write(document), since, follows);
    }

    /** The tester that a case file names: the one that is the same in every respect, or a new one. */
    @Transactional
    public long same(TesterDocument document) {
        Optional<StoredTester> known =
                all().stream().filter(t -> t.tester().equals(document)).findFirst();
        return known.map(StoredTester::id).orElseGet(() -> add(document));
    }

    /**
     * Betters what is known of a tester; what was read with it before is judged anew.
     *
     * @throws Conflict when the tester has changed since that revision
     */
    @Transactional
    public void better(long id, int revision, TesterDocument document) {
        checked(document);
        refuseIfOver(id);
        if (mapper.updateTester(id, revision, document.name().strip(), documents.write(document)) == 0) {
            throw new Conflict("This tester was changed in another window meanwhile.");
        }
        journal.touchedJobsReadOn(id);
    }

    /** The tester is another one from now on: what was read before stays with the one it was. */
    @Transactional
    public void change(long id, int revision, TesterDocument document) {
        refuseIfOver(id);
        if (byId(id).revision() != revision) {
            throw new Conflict("This tester was changed in another window meanwhile.");
        }
        add(document, Instant.now(clock).toString(), id);
        journal.touchedJobsReadOn(id);
    }

    private void refuseIfOver(long id) {
        if (byId(id).until() != null) {
            throw new Conflict("This tester was changed since and is another one now. Change that one.");
        }
    }

    private static void checked(TesterDocument document) {
        Problems problems = new Problems();
        document.read(problems, "");
        problems.throwIfAny();
    }
}
