package silentotter.app.compression;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Journal;
import silentotter.app.change.SentBefore;
import silentotter.app.compression.CompressionMapper.PassRow;
import silentotter.app.compression.CompressionMapper.ReadingRow;
import silentotter.app.http.Asks;
import silentotter.app.http.Conflict;
import silentotter.app.http.NotFound;
import silentotter.app.storage.Documents;
import silentotter.core.compression.ConditionsDocument;
import silentotter.core.compression.ConditionsReader;
import silentotter.core.compression.FiledReading;
import silentotter.core.compression.PassDoubt;
import silentotter.core.compression.PassKind;
import silentotter.core.compression.ReadingReader;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;

/** The compression tests of the jobs as they are taken: passes, conditions, readings. Readings are never overwritten. */
@Service
class Compression {
    /** Far more than anybody takes; a file or a program that goes on and on is stopped here. */
    static final int MOST_READINGS = 60_000;

    static final String PASS = "compression_pass";
    static final String READING = "compression_reading";
    static final String STROKE = "compression_stroke";

    private static final int MOST_PASSES = 500;

    private final CompressionMapper mapper;
    private final Journal journal;
    private final Documents documents;
    private final Clock clock;

    Compression(CompressionMapper mapper, Journal journal, Documents documents, Clock clock) {
        this.mapper = mapper;
        this.journal = journal;
        this.documents = documents;
        this.clock = clock;
    }

    /** Opens a further pass; it is taken with the same gauge in the same hour, so it starts from the last conditions. */
    @Transactional
    public long addPass(long jobId, PassKind kind) {
        List<PassRow> passes = mapper.passes(jobId);
        return addPass(
                jobId, kind, passes.isEmpty() ? ConditionsDocument.EMPTY : conditions(passes.get(passes.size() - 1)));
    }

    @Transactional
    public long addPass(long jobId, PassKind kind, ConditionsDocument conditions) {
        if (mapper.passes(jobId).size() >= MOST_PASSES) {
            throw InvalidInput.at("kind", "this job has as many passes as it can hold", "at most " + MOST_PASSES);
        }
        long id = mapper.insertPass(jobId, kind, documents.write(conditions), "[]");
        journal.step(jobId).added(PASS, id).done("new " + kind.words() + " pass");
        return id;
    }

    /** @throws Conflict when the conditions have changed since that revision */
    @Transactional
    public void changeConditions(long jobId, long passId, int revision, ConditionsDocument conditions) {
        PassRow before = pass(jobId, passId);
        ConditionsReader.read(conditions);
        Double fullScale = conditions.gaugeFullScaleKPa();
        mapper.highestValue(passId)
                .filter(h -> fullScale != null && h > fullScale)
                .ifPresent(highest -> {
                    throw InvalidInput.at(
                            "gaugeFullScaleKPa",
                            "this pass has a reading of " + Math.round(highest) + " kPa already, which is more",
                            "at least " + (int) Math.ceil(highest) + " kPa");
                });
        if (before.revision() != revision) {
            throw new Conflict("The conditions of this pass were changed in another window meanwhile.");
        }
        journal.step(jobId)
                .set(PASS, passId, "conditions", before.conditions(), documents.write(conditions))
                .done("change of conditions");
    }

    /** What of a reading makes it the same one when it is sent again. */
    private record Sent(long passId, int cylinder, List<Double> strokesKPa, boolean finalOnly, Double oilMl) {}

    /**
     * Adds one attempt.
     *
     * @throws Conflict when its key belongs to another reading
     * @throws Asks when another window has read this cylinder meanwhile
     */
    @Transactional
    public void addReading(long jobId, Engine engine, long passId, ReadingDocument document) {
        String key = SentBefore.orNew(document.key());
        FiledReading reading = document.taken(Instant.now(clock).toString());
        String sent = documents.write(
                new Sent(passId, reading.cylinder(), reading.strokesKPa(), reading.finalOnly(), reading.oilMl()));
        if (SentBefore.isSame(mapper.sentBefore(key), jobId, sent)) {
            return;
        }
        PassRow pass = pass(jobId, passId);
        Problems problems = new Problems();
        checkNow(engine, pass.kind(), conditions(pass), reading, poured(jobId, pass.kind()), problems);
        if (mapper.countReadings(jobId) >= MOST_READINGS) {
            problems.add("strokesKPa", "this job holds as many readings as it can; open another one");
        }
        problems.throwIfAny();
        if (document.attempt() != null && mapper.attempts(passId, reading.cylinder()) >= document.attempt()) {
            throw Asks.whetherItRepeats(engine.label(CylinderNumber.of(reading.cylinder())));
        }
        long id = mapper.insertReading(passId, key, reading, sent);
        for (int i = 0; i < reading.strokesKPa().size(); i++) {
            mapper.insertStroke(id, i + 1, reading.strokesKPa().get(i));
        }
        journal.step(jobId).added(READING, id).done(pass.kind().words() + " reading on cylinder " + reading.cylinder());
    }

    /** What is wrong with a reading that is taken now: in itself, and whether oil may be poured. */
    static void checkNow(
            Engine engine,
            PassKind kind,
            ConditionsDocument conditions,
            FiledReading reading,
            Map<Integer, Double> poured,
            Problems problems) {
        int before = problems.all().size();
        ReadingReader.check(engine, kind, conditions, reading, problems, "");
        if (kind == PassKind.WET && problems.all().size() == before) {
            ReadingReader.oil(engine, reading, poured.getOrDefault(reading.cylinder(), 0.0), problems);
        }
    }

    /** Oil given to each cylinder so far, mL; of no interest to a dry pass. */
    Map<Integer, Double> poured(long jobId, PassKind kind) {
        return kind == PassKind.DRY
                ? Map.of()
                : mapper.poured(jobId).stream()
                        .collect(Collectors.toMap(CompressionMapper.Poured::cylinder, CompressionMapper.Poured::oilMl));
    }

    /** Adds the next stroke of an attempt that is written down stroke by stroke; the same one twice adds it once. */
    @Transactional
    public void addStroke(long jobId, long readingId, int number, double kPa) {
        ReadingRow reading = reading(jobId, readingId);
        List<Double> strokes = mapper.strokesOf(readingId);
        Problems problems = new Problems();
        AllowedRange.STROKES.problemWith("number", number).ifPresent(problems::add);
        ReadingReader.value(conditions(pass(jobId, reading.passId())), "kPa", kPa, problems);
        if (reading.finalOnly()) {
            problems.add("number", "this attempt was written down as final only");
        }
        problems.throwIfAny();
        if (number <= strokes.size() && strokes.get(number - 1) == kPa) {
            return;
        }
        Long id = number == strokes.size() + 1 ? mapper.insertStroke(readingId, number, kPa) : null;
        if (id == null) {
            throw new Conflict("Stroke " + number + " of cylinder " + reading.cylinder()
                    + " is there already or comes too early; it was not overwritten.");
        }
        journal.step(jobId).added(STROKE, id).done("stroke " + number + " of cylinder " + reading.cylinder());
    }

    /** Leaves an attempt out of the results, with a reason; an empty reason counts it again. */
    @Transactional
    public void setAside(long jobId, long readingId, String reason) {
        ReadingRow before = reading(jobId, readingId);
        journal.step(jobId).setAside(READING, readingId, before.setAside(), reason, "cylinder " + before.cylinder());
    }

    /** A question about a pass was answered: what was typed is meant. It is not asked again. */
    @Transactional
    public void settle(long jobId, long passId, PassDoubt.Kind question) {
        PassRow pass = pass(jobId, passId);
        Set<PassDoubt.Kind> settled = new TreeSet<>(List.of(documents.read(pass.settled(), PassDoubt.Kind[].class)));
        if (settled.add(question)) {
            journal.step(jobId)
                    .set(PASS, passId, "settled", pass.settled(), documents.write(settled))
                    .done("answer that it is meant so");
        }
    }

    ConditionsDocument conditions(PassRow pass) {
        return documents.read(pass.conditions(), ConditionsDocument.class);
    }

    PassRow pass(long jobId, long passId) {
        return mapper.pass(passId)
                .filter(p -> p.jobId() == jobId && !p.removed())
                .orElseThrow(() -> new NotFound("There is no pass " + passId + " in this job."));
    }

    ReadingRow reading(long jobId, long readingId) {
        return mapper.reading(jobId, readingId)
                .orElseThrow(() -> new NotFound("There is no reading " + readingId + " in this job."));
    }
}
