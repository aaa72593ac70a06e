package silentotter.app.blowby;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.blowby.BlowbyMapper.ReadingRow;
import silentotter.app.change.Journal;
import silentotter.app.change.SentBefore;
import silentotter.app.http.NotFound;
import silentotter.app.storage.Documents;
import silentotter.core.blowby.BlowbyDocument;
import silentotter.core.blowby.BlowbyPoint;
import silentotter.core.blowby.BlowbyReader;
import silentotter.core.blowby.CrankcaseVent;
import silentotter.core.blowby.GaugeSlip;
import silentotter.core.engine.Engine;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;

/** Blow-by as it is read: readings are added, never overwritten but to put one right, which leaves its trail. */
@Service
class Blowby {
    /** Far more than anybody takes; a file or a program that goes on and on is stopped here. */
    static final int MOST_READINGS = 5000;

    private static final String READING = "blowby_reading";
    private static final String DOCUMENT = "document";

    private final BlowbyMapper mapper;
    private final Journal journal;
    private final Documents documents;
    private final Clock clock;

    Blowby(BlowbyMapper mapper, Journal journal, Documents documents, Clock clock) {
        this.mapper = mapper;
        this.journal = journal;
        this.documents = documents;
        this.clock = clock;
    }

    List<StoredBlowby> readings(long jobId) {
        return mapper.readings(jobId).stream()
                .map(r -> new StoredBlowby(r.id(), document(r), r.setAside(), r.takenAt()))
                .toList();
    }

    /** @throws silentotter.app.http.Conflict when its key belongs to another reading */
    @Transactional
    public void add(long jobId, Engine engine, @Nullable String givenKey, BlowbyDocument reading) {
        String key = SentBefore.orNew(givenKey);
        String sent = documents.write(reading);
        if (SentBefore.isSame(mapper.sentBefore(key), jobId, sent)) {
            return;
        }
        check(engine, reading);
        addRow(
                jobId,
                key,
                sent,
                new StoredBlowby(0, reading, null, Instant.now(clock).toString()));
    }

    /** Adds a reading of a file, set aside if the file says so; a step to undo like any other. */
    @Transactional
    public void addFiled(long jobId, Engine engine, StoredBlowby reading) {
        check(engine, reading.reading());
        addRow(jobId, UUID.randomUUID().toString(), null, reading);
    }

    /** Puts a reading of a case file where it belongs; the caller has checked it. Not a step to undo. */
    @Transactional
    public long restore(long jobId, StoredBlowby r) {
        return insert(jobId, UUID.randomUUID().toString(), null, r);
    }

    private void addRow(long jobId, String key, @Nullable String sent, StoredBlowby r) {
        if (mapper.count(jobId) >= MOST_READINGS) {
            throw InvalidInput.at("reading", "this job holds as many readings as it can", "at most " + MOST_READINGS);
        }
        journal.step(jobId)
                .added(READING, insert(jobId, key, sent, r))
                .done("crankcase pressure, " + r.reading().point().words());
    }

    private long insert(long jobId, String key, @Nullable String sent, StoredBlowby r) {
        String taken = Objects.requireNonNullElseGet(
                r.takenAt(), () -> Instant.now(clock).toString());
        return mapper.insert(jobId, key, sent, documents.write(r.reading()), r.setAside(), taken);
    }

    @Transactional
    public void setAside(long jobId, long id, @Nullable String reason) {
        ReadingRow row = row(jobId, id);
        journal.step(jobId)
                .setAside(
                        READING,
                        id,
                        row.setAside(),
                        reason,
                        "crankcase pressure, " + document(row).point().words());
    }

    /** Takes a reading for what it was: a slip of leg, decimal or unit that another gauge has uncovered. */
    @Transactional
    public void mend(long jobId, Engine engine, long id, GaugeSlip slip) {
        ReadingRow row = row(jobId, id);
        BlowbyDocument before = document(row);
        if (slip == null || before.instrument() != slip.on()) {
            throw InvalidInput.at("slip", "is no slip of this instrument");
        }
        BlowbyDocument after = before.mended(slip);
        if (after.equals(before)) {
            throw InvalidInput.at("slip", "does not fit how this reading was written down");
        }
        replace(
                jobId,
                engine,
                row,
                after,
                "crankcase pressure at " + before.point().words() + " put right: " + slip.words());
    }

    /** A reading was typed at the wrong point: puts it where it belongs; the trail stays. */
    @Transactional
    public void move(long jobId, Engine engine, long id, BlowbyPoint point) {
        ReadingRow row = row(jobId, id);
        BlowbyDocument before = document(row);
        if (point == null || point == before.point()) {
            throw InvalidInput.at("point", "must be another point");
        }
        CrankcaseVent vent = point == BlowbyPoint.AS_FOUND ? CrankcaseVent.AS_FOUND : before.ventilation();
        replace(
                jobId,
                engine,
                row,
                before.at(point, vent),
                "crankcase pressure moved from " + before.point().words() + " to " + point.words());
    }

    private void replace(long jobId, Engine engine, ReadingRow row, BlowbyDocument after, String words) {
        check(engine, after);
        journal.step(jobId)
                .set(READING, row.id(), DOCUMENT, row.document(), documents.write(after))
                .doneAsCorrection(words);
    }

    private static void check(Engine engine, BlowbyDocument reading) {
        Problems problems = new Problems();
        BlowbyReader.read(0, reading, null, problems, "");
        problems.throwIfAny();
        BlowbyReader.doesNotFit(engine, reading).ifPresent(reason -> {
            throw InvalidInput.at("checked", reason);
        });
    }

    private BlowbyDocument document(ReadingRow row) {
        return documents.read(row.document(), BlowbyDocument.class);
    }

    private ReadingRow row(long jobId, long id) {
        return mapper.reading(jobId, id)
                .orElseThrow(() -> new NotFound("There is no reading of crankcase pressure " + id + " in this job."));
    }
}
