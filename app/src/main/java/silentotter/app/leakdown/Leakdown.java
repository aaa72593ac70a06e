package silentotter.app.leakdown;

import java.time.Clock;
import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Journal;
import silentotter.app.change.SentBefore;
import silentotter.app.http.Asks;
import silentotter.app.http.NotFound;
import silentotter.app.leakdown.LeakdownMapper.LeakdownRow;
import silentotter.app.storage.Documents;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.instruments.TesterDocument;
import silentotter.core.leakdown.LeakdownDocument;
import silentotter.core.leakdown.LeakdownDocument.Listened;
import silentotter.core.leakdown.LeakdownReader;

/** Leak-down as it is taken: readings are added, never overwritten; what was heard is added to them. */
@Service
class Leakdown {
    /** Far more than anybody takes; a file or a program that goes on and on is stopped here. */
    static final int MOST_READINGS = 60_000;

    private static final String READING = "leakdown_reading";

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

    /** What of a reading makes it the same one when it is sent again. */
    private record Sent(long testerId, int cylinder, LeakdownDocument reading) {}

    /**
     * Adds one attempt.
     *
     * @param attempt which attempt at this cylinder in this kind of pass the sender takes it for; nothing does not ask
     * @param typed the number on the second gauge as it was typed, where it may be a per cent; nothing does not ask
     * @throws silentotter.app.http.Conflict when its key belongs to another reading
     * @throws Asks when another window has read this cylinder meanwhile, or a per cent was typed for a pressure
     */
    @Transactional
    public void add(
            long jobId,
            Engine engine,
            long testerId,
            int cylinder,
            String givenKey,
            Integer attempt,
            Double typed,
            LeakdownDocument reading) {
        String key = SentBefore.orNew(givenKey);
        String sent = documents.write(new Sent(testerId, cylinder, reading));
        if (SentBefore.isSame(mapper.sentBefore(key), jobId, sent)) {
            return;
        }
        TesterDocument tester = testers.byId(testerId).tester();
        check(engine, tester, cylinder, reading);
        if (typed != null) {
            LeakdownReader.mayBePercent(tester, reading, typed).ifPresent(percent -> {
                throw Asks.whetherItIsPercent(typed, percent);
            });
        }
        if (attempt != null && attempts(jobId, cylinder, reading) >= attempt) {
            throw Asks.whetherItRepeats(engine.label(CylinderNumber.of(cylinder)));
        }
        String now = Instant.now(clock).toString();
        addRow(jobId, testerId, key, sent, new StoredLeakdown(0, testerId, tester, cylinder, reading, null, now));
    }

    private long attempts(long jobId, int cylinder, LeakdownDocument reading) {
        return mapper.readings(jobId).stream()
                .filter(r -> r.cylinder() == cylinder && document(r).kind() == reading.kind())
                .count();
    }

    /** Adds one attempt of a file of readings, set aside if the file says so; a step to undo like any other. */
    @Transactional
    public void addFiled(long jobId, Engine engine, long testerId, StoredLeakdown reading) {
        check(engine, testers.byId(testerId).tester(), reading.cylinder(), reading.reading());
        addRow(jobId, testerId, UUID.randomUUID().toString(), null, reading);
    }

    private void addRow(long jobId, long testerId, String key, String sent, StoredLeakdown r) {
        if (mapper.count(jobId) >= MOST_READINGS) {
            throw InvalidInput.at("reading", "this job holds as many readings as it can", "at most " + MOST_READINGS);
        }
        String taken = r.takenAt() == null ? Instant.now(clock).toString() : r.takenAt();
        long id = mapper.insert(jobId, key, sent, testerId, documents.write(r.reading()), taken, r);
        journal.step(jobId).added(READING, id).done("leak-down on cylinder " + r.cylinder());
    }

    /** Notes what was heard at one place. */
    @Transactional
    public void hear(long jobId, Engine engine, long readingId, Listened at) {
        LeakdownRow row = row(jobId, readingId);
        LeakdownDocument changed = document(row).hearing(at);
        check(engine, testers.byId(row.testerId()).tester(), row.cylinder(), changed);
        journal.step(jobId)
                .set(READING, readingId, "document", row.document(), documents.write(changed))
                .done("listening on cylinder " + row.cylinder());
    }

    /** Leaves an attempt out of the results, with a reason; an empty reason counts it again. */
    @Transactional
    public void setAside(long jobId, long readingId, String reason) {
        LeakdownRow before = row(jobId, readingId);
        journal.step(jobId)
                .setAside(READING, readingId, before.setAside(), reason, "leak-down on cylinder " + before.cylinder());
    }

    /** A reading was typed on the wrong cylinder: puts it where it belongs with what was heard; the trail stays. */
    @Transactional
    public void move(long jobId, Engine engine, long readingId, int cylinder) {
        LeakdownRow before = row(jobId, readingId);
        engine.needsAnother("cylinder", before.cylinder(), cylinder);
        LeakdownDocument moved = document(before).movedTo(cylinder, before.cylinder());
        check(engine, testers.byId(before.testerId()).tester(), cylinder, moved);
        journal.step(jobId)
                .set(READING, readingId, "cylinder", before.cylinder(), cylinder)
                .set(READING, readingId, "document", before.document(), documents.write(moved))
                .doneAsCorrection("leak-down moved from cylinder " + before.cylinder() + " to " + cylinder);
    }

    /** What was heard was noted on the wrong cylinder: hands it from one reading to another; the trail stays. */
    @Transactional
    public void moveHeard(long jobId, Engine engine, long fromId, long toId) {
        LeakdownRow from = row(jobId, fromId);
        LeakdownRow to = row(jobId, toId);
        LeakdownDocument f = document(from);
        LeakdownDocument t = document(to);
        if (fromId == toId || f.places().isEmpty()) {
            throw InvalidInput.at(
                    "to", f.places().isEmpty() ? "nothing was heard there yet" : "must be another reading");
        }
        LeakdownDocument filled = t.hearingAlso(f);
        check(engine, testers.byId(to.testerId()).tester(), to.cylinder(), filled);
        journal.step(jobId)
                .set(READING, fromId, "document", from.document(), documents.write(f.unheard()))
                .set(READING, toId, "document", to.document(), documents.write(filled))
                .doneAsCorrection("what was heard moved from cylinder " + from.cylinder() + " to " + to.cylinder());
    }

    private static void check(Engine engine, TesterDocument tester, int cylinder, LeakdownDocument reading) {
        Problems problems = new Problems();
        LeakdownReader.read(engine, tester.read(problems, "tester."), cylinder, 0, reading, null, problems, "");
        problems.throwIfAny();
        LeakdownReader.doesNotFit(engine, cylinder, reading).ifPresent(reason -> {
            throw InvalidInput.at("cylinder", reason);
        });
    }

    private LeakdownDocument document(LeakdownRow row) {
        return documents.read(row.document(), LeakdownDocument.class);
    }

    private LeakdownRow row(long jobId, long readingId) {
        return mapper.reading(jobId, readingId)
                .orElseThrow(() -> new NotFound("There is no leak-down reading " + readingId + " in this job."));
    }
}
