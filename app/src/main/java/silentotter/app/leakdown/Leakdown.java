package silentotter.app.leakdown;

import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Change;
import silentotter.app.change.ChangeKind;
import silentotter.app.change.Corrections;
import silentotter.app.change.Journal;
import silentotter.app.change.SentBefore;
import silentotter.app.change.Undoable;
import silentotter.app.engine.HoldsCylinders;
import silentotter.app.http.Asks;
import silentotter.app.http.NotFound;
import silentotter.app.leakdown.Testers.StoredTester;
import silentotter.app.storage.Documents;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.leakdown.ListenedWith;
import silentotter.core.leakdown.Place;

/** The leak-down readings of the jobs. Readings are added, never overwritten; what was heard is added to them. */
@Service
public class Leakdown implements Undoable, HoldsCylinders {
    /** Far more than anybody takes; a file or a program that goes on and on is stopped here. */
    public static final int MOST_READINGS = 60_000;

    private static final int LONGEST_REASON = 400;

    private final LeakdownMapper mapper;
    private final Testers testers;
    private final Journal journal;
    private final Corrections corrections;
    private final Documents documents;
    private final Clock clock;

    Leakdown(
            LeakdownMapper mapper,
            Testers testers,
            Journal journal,
            Corrections corrections,
            Documents documents,
            Clock clock) {
        this.mapper = mapper;
        this.testers = testers;
        this.journal = journal;
        this.corrections = corrections;
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

    @Transactional(readOnly = true)
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

    /** A reading that was taken and does not count on this engine as it is now known. */
    public record NotCounted(long readingId, String reason) {}

    /** Readings as the core takes them, and those that do not fit the engine any more, with the reason. */
    public record InCore(List<LeakdownReading> counting, List<NotCounted> not) {}

    public static InCore toCore(Engine engine, List<StoredLeakdown> stored, List<StoredTester> testers) {
        Map<Long, TesterDocument> known = new HashMap<>();
        testers.forEach(t -> known.put(t.id(), t.tester()));
        List<LeakdownReading> counting = new ArrayList<>();
        List<NotCounted> not = new ArrayList<>();
        for (StoredLeakdown s : stored) {
            Problems problems = new Problems();
            Optional<String> misfit = LeakdownReader.doesNotFit(engine, s.cylinder(), s.reading());
            Optional<LeakdownReading> reading = LeakdownReader.read(
                    engine,
                    known.get(s.testerId()).read(new Problems(), ""),
                    s.cylinder(),
                    counting.size() + 1,
                    s.reading(),
                    s.setAside(),
                    problems,
                    "");
            if (misfit.isEmpty() && reading.isPresent()) {
                counting.add(reading.get());
            } else {
                not.add(new NotCounted(s.id(), misfit.orElseGet(() -> inWords(problems))));
            }
        }
        return new InCore(counting, not);
    }

    private static String inWords(Problems problems) {
        return problems.all().stream()
                .map(p -> p.field().equals("supplyKPa")
                        ? "The supply of its tester is not known any more, so its second gauge says nothing."
                        : p.message())
                .distinct()
                .collect(Collectors.joining("; "));
    }

    /** What of a reading makes it the same one when it is sent again. */
    private record Sent(long testerId, int cylinder, LeakdownDocument reading) {}

    /**
     * Adds one attempt.
     *
     * @param attempt which attempt at this cylinder in this kind of pass the sender takes it for; nothing does not ask
     * @throws silentotter.app.http.Conflict when its key belongs to another reading
     * @throws Asks when another window has read this cylinder meanwhile
     */
    @Transactional
    public void add(
            long jobId,
            Engine engine,
            long testerId,
            int cylinder,
            String givenKey,
            Integer attempt,
            LeakdownDocument reading) {
        String key = SentBefore.orNew(givenKey);
        String sent = documents.write(new Sent(testerId, cylinder, reading));
        if (SentBefore.isSame(mapper.sentBefore(key), jobId, sent)) {
            return;
        }
        check(engine, testers.byId(testerId).tester(), cylinder, reading);
        if (attempt != null && attempts(jobId, cylinder, reading) >= attempt) {
            throw Asks.whetherItRepeats(engine.label(CylinderNumber.of(cylinder)));
        }
        insert(jobId, testerId, cylinder, key, sent, reading, null, now());
    }

    private long attempts(long jobId, int cylinder, LeakdownDocument reading) {
        return readings(jobId).stream()
                .filter(r -> r.cylinder() == cylinder && r.reading().kind() == reading.kind())
                .count();
    }

    /** Adds one attempt of a file of readings, set aside if the file says so; a step to undo like any other. */
    @Transactional
    public void addFiled(
            long jobId,
            Engine engine,
            long testerId,
            int cylinder,
            LeakdownDocument reading,
            String setAside,
            Optional<String> takenAt) {
        check(engine, testers.byId(testerId).tester(), cylinder, reading);
        String key = UUID.randomUUID().toString();
        insert(jobId, testerId, cylinder, key, null, reading, setAside, takenAt.orElseGet(this::now));
    }

    private void insert(
            long jobId,
            long testerId,
            int cylinder,
            String key,
            String sent,
            LeakdownDocument reading,
            String setAside,
            String takenAt) {
        if (mapper.count(jobId) >= MOST_READINGS) {
            throw InvalidInput.at("reading", "this job holds as many readings as it can", "at most " + MOST_READINGS);
        }
        long id = mapper.insert(jobId, key, sent, testerId, cylinder, documents.write(reading), setAside, takenAt);
        journal.added(jobId, ChangeKind.LEAKDOWN_ADDED, id, "leak-down on cylinder " + cylinder);
    }

    /** Puts a reading from a file where it belongs; the caller has checked it. */
    @Transactional
    public void restore(
            long jobId, long testerId, int cylinder, LeakdownDocument reading, String setAside, String takenAt) {
        mapper.insert(
                jobId,
                UUID.randomUUID().toString(),
                null,
                testerId,
                cylinder,
                documents.write(reading),
                setAside,
                takenAt);
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
        LeakdownDocument changed = d.heard(all, neighbours, plugged, with == null ? d.listenedWith() : with);
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
        Problems problems = new Problems();
        String text = problems.text("reason", reason, LONGEST_REASON);
        problems.throwIfAny();
        String given = text.isEmpty() ? null : text;
        mapper.setAside(readingId, given);
        journal.changed(
                jobId,
                ChangeKind.LEAKDOWN_SET_ASIDE,
                readingId,
                (given == null ? "counting again" : "setting aside") + " of leak-down on cylinder " + before.cylinder(),
                before.setAside(),
                given);
    }

    /** A reading with its place, and the sentence that says that it changed. */
    private record Moved(int cylinder, LeakdownDocument reading, long correction) {}

    /** A reading was typed on the wrong cylinder: puts it where it belongs with what was heard; the trail stays. */
    @Transactional
    public void move(long jobId, Engine engine, long readingId, int cylinder) {
        StoredLeakdown before = byId(jobId, readingId);
        int count = engine.arrangement().count();
        if (cylinder < 1 || cylinder > count || cylinder == before.cylinder()) {
            throw InvalidInput.at("cylinder", "must be another cylinder of this engine", "1 to " + count);
        }
        // What was heard at the new cylinder's own plug hole was heard at the old one's, seen from there.
        LeakdownDocument d = before.reading();
        Map<Integer, Heard> neighbours = new TreeMap<>(Objects.requireNonNullElse(d.neighbours(), Map.of()));
        Set<Integer> plugged = new TreeSet<>(Objects.requireNonNullElse(d.excluded(), List.of()));
        Heard own = neighbours.remove(cylinder);
        if (own != null) {
            neighbours.put(before.cylinder(), own);
        }
        if (plugged.remove(cylinder)) {
            plugged.add(before.cylinder());
        }
        LeakdownDocument moved =
                d.heard(Objects.requireNonNullElse(d.heard(), Map.of()), neighbours, plugged, d.listenedWith());
        check(engine, testers.byId(before.testerId()).tester(), cylinder, moved);
        String words = "leak-down moved from cylinder " + before.cylinder() + " to " + cylinder;
        long correction = corrections.add(jobId, words);
        mapper.move(readingId, cylinder, documents.write(moved));
        journal.changed(
                jobId,
                ChangeKind.LEAKDOWN_MOVED,
                readingId,
                words,
                documents.write(new Moved(before.cylinder(), d, correction)),
                documents.write(new Moved(cylinder, moved, correction)));
    }

    /** What two readings say of what was heard, and the sentence that says that it changed hands. */
    private record HeardMoved(long fromId, LeakdownDocument from, long toId, LeakdownDocument to, long correction) {}

    /** What was heard was noted on the wrong cylinder: hands it from one reading to another; the trail stays. */
    @Transactional
    public void moveHeard(long jobId, Engine engine, long fromId, long toId) {
        StoredLeakdown from = byId(jobId, fromId);
        StoredLeakdown to = byId(jobId, toId);
        LeakdownDocument f = from.reading();
        LeakdownDocument t = to.reading();
        boolean nothing = Objects.requireNonNullElse(f.heard(), Map.of()).isEmpty();
        if (fromId == toId || nothing) {
            throw InvalidInput.at("to", nothing ? "nothing was heard there yet" : "must be another reading");
        }
        Map<Place, Heard> all = new TreeMap<>(Objects.requireNonNullElse(t.heard(), Map.of()));
        all.putAll(f.heard());
        LeakdownDocument emptied = f.heard(Map.of(), f.neighbours(), f.plugged(), null);
        LeakdownDocument filled = t.heard(all, t.neighbours(), t.plugged(), f.listenedWith());
        check(engine, testers.byId(to.testerId()).tester(), to.cylinder(), filled);
        mapper.updateDocument(fromId, documents.write(emptied));
        mapper.updateDocument(toId, documents.write(filled));
        String words = "what was heard moved from cylinder " + from.cylinder() + " to " + to.cylinder();
        long correction = corrections.add(jobId, words);
        journal.changed(
                jobId,
                ChangeKind.HEARD_MOVED,
                fromId,
                words,
                documents.write(new HeardMoved(fromId, f, toId, t, correction)),
                documents.write(new HeardMoved(fromId, emptied, toId, filled, correction)));
    }

    @Override
    public String held() {
        return "leak-down readings";
    }

    @Override
    public Set<Integer> cylindersHeld(long engineId) {
        Set<Integer> held = new TreeSet<>();
        mapper.ofEngine(engineId).forEach(r -> {
            LeakdownDocument d = documents.read(r.document(), LeakdownDocument.class);
            held.add(r.cylinder());
            held.addAll(Objects.requireNonNullElse(d.neighbours(), Map.<Integer, Heard>of())
                    .keySet());
            held.addAll(d.plugged());
        });
        return held;
    }

    private String now() {
        return Instant.now(clock).toString();
    }

    private static void check(Engine engine, TesterDocument tester, int cylinder, LeakdownDocument reading) {
        Problems problems = new Problems();
        LeakdownReader.read(engine, tester.read(problems, "tester."), cylinder, 0, reading, null, problems, "");
        problems.throwIfAny();
        LeakdownReader.doesNotFit(engine, cylinder, reading).ifPresent(reason -> {
            throw InvalidInput.at("cylinder", reason);
        });
    }

    private StoredLeakdown byId(long jobId, long readingId) {
        return readings(jobId).stream()
                .filter(r -> r.id() == readingId)
                .findFirst()
                .orElseThrow(() -> new NotFound("There is no leak-down reading " + readingId + " in this job."));
    }

    @Override
    public Set<ChangeKind> kinds() {
        return Set.of(
                ChangeKind.LEAKDOWN_ADDED,
                ChangeKind.LEAKDOWN_CHANGED,
                ChangeKind.LEAKDOWN_SET_ASIDE,
                ChangeKind.LEAKDOWN_MOVED,
                ChangeKind.HEARD_MOVED);
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
            case LEAKDOWN_MOVED -> {
                Moved moved = documents.read(value, Moved.class);
                mapper.move(change.targetId(), moved.cylinder(), documents.write(moved.reading()));
                corrections.takeBack(moved.correction(), removed);
            }
            case HEARD_MOVED -> {
                HeardMoved moved = documents.read(value, HeardMoved.class);
                mapper.updateDocument(moved.fromId(), documents.write(moved.from()));
                mapper.updateDocument(moved.toId(), documents.write(moved.to()));
                corrections.takeBack(moved.correction(), removed);
            }
            default -> throw new IllegalArgumentException("not a change of leak-down: " + change.kind());
        }
    }
}
