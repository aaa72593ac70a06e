package silentotter.app.leakdown;

import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Change;
import silentotter.app.change.ChangeKind;
import silentotter.app.change.Journal;
import silentotter.app.change.Undoable;
import silentotter.app.http.NotFound;
import silentotter.app.leakdown.Testers.StoredTester;
import silentotter.app.storage.Documents;
import silentotter.core.engine.Engine;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.leakdown.ListenedWith;
import silentotter.core.leakdown.Place;

/** The leak-down readings of the jobs. Readings are added, never overwritten; what was heard is added to them. */
@Service
public class Leakdown implements Undoable {
    private final LeakdownMapper mapper;
    private final Testers testers;
    private final Journal journal;
    private final Documents documents;
    private final Clock clock;

    Leakdown(LeakdownMapper mapper, Testers testers, Journal journal, Documents documents, Clock clock) {
        this.mapper = mapper;
        this.testers = testers;
        this.journal = journal;
        this.documents = documents;
        this.clock = clock;
    }

    /** A reading as stored. */
    public record StoredLeakdown(
            long id,
            long testerId,
            int cylinder,
            LeakdownDocument reading,
            @Nullable String setAside,
            String takenAt) {}

    public List<StoredLeakdown> readings(long jobId) {
        return mapper.readings(jobId).stream()
                .map(r -> new StoredLeakdown(
                        r.id(),
                        r.testerId(),
                        r.cylinder(),
                        documents.read(r.document(), LeakdownDocument.class),
                        r.setAside(),
                        r.takenAt()))
                .toList();
    }

    /** The readings as the core takes them. */
    public static List<LeakdownReading> toCore(Engine engine, List<StoredLeakdown> stored, List<StoredTester> testers) {
        Map<Long, TesterDocument> known = new HashMap<>();
        testers.forEach(t -> known.put(t.id(), t.tester()));
        List<LeakdownReading> result = new ArrayList<>();
        for (StoredLeakdown s : stored) {
            LeakdownReader.read(
                            engine,
                            known.get(s.testerId()).read(new Problems(), ""),
                            s.cylinder(),
                            result.size() + 1,
                            s.reading(),
                            s.setAside(),
                            new Problems(),
                            "")
                    .ifPresent(result::add);
        }
        return result;
    }

    /** Adds one attempt. Sending the same key twice adds it once. */
    @Transactional
    public void add(long jobId, Engine engine, long testerId, int cylinder, String givenKey, LeakdownDocument reading) {
        String key =
                Objects.requireNonNullElseGet(givenKey, () -> UUID.randomUUID().toString());
        if (mapper.hasReading(key)) {
            return;
        }
        insert(jobId, engine, testerId, cylinder, key, reading, null);
    }

    /** Adds one attempt of a file of readings, set aside if the file says so; a step to undo like any other. */
    @Transactional
    public void addFiled(
            long jobId, Engine engine, long testerId, int cylinder, LeakdownDocument reading, String setAside) {
        insert(jobId, engine, testerId, cylinder, UUID.randomUUID().toString(), reading, setAside);
    }

    private void insert(
            long jobId,
            Engine engine,
            long testerId,
            int cylinder,
            String key,
            LeakdownDocument reading,
            String setAside) {
        check(engine, testers.byId(testerId).tester(), cylinder, reading);
        long id = mapper.insert(
                jobId,
                key,
                testerId,
                cylinder,
                documents.write(reading),
                setAside,
                Instant.now(clock).toString());
        journal.added(jobId, ChangeKind.LEAKDOWN_ADDED, id, "leak-down on cylinder " + cylinder);
    }

    /** Puts a reading from a file where it belongs; the caller has checked it. */
    @Transactional
    public void restore(
            long jobId, long testerId, int cylinder, LeakdownDocument reading, String setAside, String takenAt) {
        mapper.insert(
                jobId, UUID.randomUUID().toString(), testerId, cylinder, documents.write(reading), setAside, takenAt);
    }

    /**
     * Notes what was heard at one place; no state takes it back to "not listened".
     *
     * @param neighbour whose plug hole, for {@link Place#NEIGHBOUR}
     * @param excluded whether its open valve was plugged off first
     */
    @Transactional
    public void hear(
            long jobId,
            Engine engine,
            long readingId,
            Place place,
            Heard heard,
            Integer neighbour,
            boolean excluded,
            ListenedWith with) {
        StoredLeakdown before = byId(jobId, readingId);
        LeakdownDocument d = before.reading();
        Map<Place, Heard> all = new TreeMap<>(Objects.requireNonNullElse(d.heard(), Map.of()));
        Map<Integer, Heard> neighbours = new TreeMap<>(Objects.requireNonNullElse(d.neighbours(), Map.of()));
        Set<Integer> plugged = new TreeSet<>(Objects.requireNonNullElse(d.excluded(), List.of()));
        if (place == Place.NEIGHBOUR) {
            if (neighbour == null) {
                throw InvalidInput.at("neighbour", "say which neighbour was listened at");
            }
            put(neighbours, neighbour, heard);
            plugged.remove(neighbour);
            if (excluded) {
                plugged.add(neighbour);
            }
        } else {
            put(all, place, heard);
        }
        LeakdownDocument changed = new LeakdownDocument(
                d.kind(),
                d.leakPercent(),
                d.cylinderKPa(),
                d.supplyKPa(),
                d.state(),
                d.doneBefore(),
                all,
                with == null ? d.listenedWith() : with,
                neighbours,
                List.copyOf(plugged),
                d.settling());
        check(engine, testers.byId(before.testerId()).tester(), before.cylinder(), changed);
        String document = documents.write(changed);
        mapper.updateDocument(readingId, document);
        journal.changed(
                jobId,
                ChangeKind.LEAKDOWN_CHANGED,
                readingId,
                "listening on cylinder " + before.cylinder(),
                documents.write(d),
                document);
    }

    private static <K> void put(Map<K, Heard> into, K key, Heard heard) {
        if (heard == null) {
            into.remove(key);
        } else {
            into.put(key, heard);
        }
    }

    /** Leaves an attempt out of the results, with a reason; an empty reason counts it again. */
    @Transactional
    public void setAside(long jobId, long readingId, String reason) {
        StoredLeakdown before = byId(jobId, readingId);
        String given = reason == null || reason.isBlank() ? null : reason.strip();
        mapper.setAside(readingId, given);
        journal.changed(
                jobId,
                ChangeKind.LEAKDOWN_SET_ASIDE,
                readingId,
                "setting aside of leak-down on cylinder " + before.cylinder(),
                before.setAside(),
                given);
    }

    private static void check(Engine engine, TesterDocument tester, int cylinder, LeakdownDocument reading) {
        Problems problems = new Problems();
        LeakdownReader.read(engine, tester.read(problems, "tester."), cylinder, 0, reading, null, problems, "");
        problems.throwIfAny();
    }

    private StoredLeakdown byId(long jobId, long readingId) {
        return readings(jobId).stream()
                .filter(r -> r.id() == readingId)
                .findFirst()
                .orElseThrow(() -> new NotFound("There is no leak-down reading " + readingId + " in this job."));
    }

    @Override
    public Set<ChangeKind> kinds() {
        return Set.of(ChangeKind.LEAKDOWN_ADDED, ChangeKind.LEAKDOWN_CHANGED, ChangeKind.LEAKDOWN_SET_ASIDE);
    }

    @Override
    public void undo(Change change) {
        apply(change, true, change.before());
    }

    @Override
    public void redo(Change change) {
        apply(change, false, change.after());
    }

    private void apply(Change change, boolean removed, String value) {
        switch (change.kind()) {
            case LEAKDOWN_ADDED -> mapper.remove(change.targetId(), removed);
            case LEAKDOWN_CHANGED -> mapper.updateDocument(change.targetId(), value);
            case LEAKDOWN_SET_ASIDE -> mapper.setAside(change.targetId(), value);
            default -> throw new IllegalArgumentException("not a change of leak-down: " + change.kind());
        }
    }
}
