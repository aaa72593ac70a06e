package silentotter.app.compression;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;
import org.apache.ibatis.session.ExecutorType;
import org.apache.ibatis.session.SqlSession;
import org.apache.ibatis.session.SqlSessionFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Change;
import silentotter.app.change.ChangeKind;
import silentotter.app.change.Corrections;
import silentotter.app.change.Journal;
import silentotter.app.change.SentBefore;
import silentotter.app.change.Undoable;
import silentotter.app.compression.CompressionMapper.NewReading;
import silentotter.app.compression.CompressionMapper.NewStroke;
import silentotter.app.compression.CompressionMapper.PassRow;
import silentotter.app.compression.CompressionMapper.ReadingRow;
import silentotter.app.compression.CompressionMapper.StrokeRow;
import silentotter.app.compression.StoredPass.StoredReading;
import silentotter.app.engine.HoldsCylinders;
import silentotter.app.http.Asks;
import silentotter.app.http.Conflict;
import silentotter.app.http.NotFound;
import silentotter.app.storage.Documents;
import silentotter.core.compression.CompressionAnalyst;
import silentotter.core.compression.PassDoubt;
import silentotter.core.compression.PassKind;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.PressureUnit;

/** The compression tests of the jobs: passes, conditions, readings. Readings are added, never overwritten. */
@Service
public class Compression implements Undoable, HoldsCylinders {
    /** Far more than anybody takes; a file or a program that goes on and on is stopped here. */
    public static final int MOST_READINGS = 60_000;

    private static final int MOST_PASSES = 500;
    private static final int LONGEST_REASON = 400;
    /** Readings that go into the database at once, and after which somebody may give up. */
    private static final int CHUNK = 1000;

    private final CompressionMapper mapper;
    private final SqlSessionFactory sessions;
    private final Journal journal;
    private final Corrections corrections;
    private final Documents documents;
    private final Clock clock;

    Compression(
            CompressionMapper mapper,
            SqlSessionFactory sessions,
            Journal journal,
            Corrections corrections,
            Documents documents,
            Clock clock) {
        this.mapper = mapper;
        this.sessions = sessions;
        this.journal = journal;
        this.corrections = corrections;
        this.documents = documents;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<StoredPass> passes(long jobId) {
        Map<Long, List<Double>> strokes = mapper.strokes(jobId).stream()
                .collect(Collectors.groupingBy(
                        StrokeRow::readingId, Collectors.mapping(StrokeRow::kpa, Collectors.toList())));
        Map<Long, List<ReadingRow>> readings =
                mapper.readings(jobId).stream().collect(Collectors.groupingBy(ReadingRow::passId));
        return mapper.passes(jobId).stream()
                .map(p -> new StoredPass(
                        p.id(),
                        p.kind(),
                        p.revision(),
                        documents.read(p.conditions(), ConditionsDocument.class),
                        List.of(documents.read(p.settled(), PassDoubt.Kind[].class)),
                        stored(readings.getOrDefault(p.id(), List.of()), strokes)))
                .toList();
    }

    private static List<StoredReading> stored(List<ReadingRow> rows, Map<Long, List<Double>> strokes) {
        List<StoredReading> result = new ArrayList<>(rows.size());
        for (ReadingRow row : rows) {
            if (strokes.containsKey(row.id())) {
                result.add(new StoredReading(
                        row.id(),
                        row.key(),
                        row.cylinder(),
                        result.size() + 1,
                        strokes.get(row.id()),
                        row.finalOnly(),
                        row.oilMl(),
                        row.setAside(),
                        row.takenAt()));
            }
        }
        return result;
    }

    /** Opens a further pass; it is taken with the same gauge in the same hour, so it starts from the last conditions. */
    @Transactional
    public long addPass(long jobId, PassKind kind) {
        List<PassRow> passes = mapper.passes(jobId);
        ConditionsDocument conditions =
                passes.isEmpty() ? ConditionsDocument.EMPTY : conditions(passes.get(passes.size() - 1));
        return addPass(jobId, kind, conditions);
    }

    private long addPass(long jobId, PassKind kind, ConditionsDocument conditions) {
        if (mapper.passes(jobId).size() >= MOST_PASSES) {
            throw InvalidInput.at("kind", "this job has as many passes as it can hold", "at most " + MOST_PASSES);
        }
        long id = restorePass(jobId, kind, conditions);
        journal.added(jobId, ChangeKind.PASS_ADDED, id, "new " + words(kind) + " pass");
        return id;
    }

    /** Puts a pass where it belongs: the first one of a job, or one from a file. Not a step to undo. */
    @Transactional
    public long restorePass(long jobId, PassKind kind, ConditionsDocument conditions) {
        return restorePass(jobId, kind, conditions, List.of());
    }

    @Transactional
    public long restorePass(long jobId, PassKind kind, ConditionsDocument conditions, List<PassDoubt.Kind> settled) {
        ConditionsReader.read(conditions);
        return mapper.insertPass(jobId, kind, documents.write(conditions), documents.write(settled));
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
        String document = documents.write(conditions);
        if (mapper.updateConditions(passId, revision, document) == 0) {
            throw new Conflict("The conditions of this pass were changed in another window meanwhile.");
        }
        journal.changed(
                jobId, ChangeKind.CONDITIONS_CHANGED, passId, "change of conditions", before.conditions(), document);
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
    public void addReading(long jobId, Engine engine, long passId, ReadingDocument reading) {
        String key = SentBefore.orNew(reading.key());
        String sent = documents.write(
                new Sent(passId, reading.cylinder(), reading.strokesKPa(), reading.finalOnly(), reading.oilMl()));
        if (SentBefore.isSame(mapper.sentBefore(key), jobId, sent)) {
            return;
        }
        PassRow pass = pass(jobId, passId);
        Problems problems = new Problems();
        Map<Integer, Double> poured = pass.kind() == PassKind.WET ? poured(jobId) : Map.of();
        check(engine, pass.kind(), conditions(pass), reading, poured, problems);
        if (mapper.countReadings(jobId) >= MOST_READINGS) {
            problems.add("strokesKPa", "this job holds as many readings as it can; open another one");
        }
        problems.throwIfAny();
        int taken = mapper.attempts(passId, reading.cylinder());
        if (reading.attempt() != null && taken >= reading.attempt()) {
            throw Asks.whetherItRepeats(engine.label(CylinderNumber.of(reading.cylinder())));
        }
        long id = mapper.insertReading(
                passId, key, reading.cylinder(), reading.finalOnly(), reading.oilMl(), now(), sent);
        for (int i = 0; i < reading.strokesKPa().size(); i++) {
            mapper.insertStroke(id, i + 1, reading.strokesKPa().get(i));
        }
        journal.added(
                jobId, ChangeKind.READING_ADDED, id, words(pass.kind()) + " reading on cylinder " + reading.cylinder());
    }

    private static void check(
            Engine engine,
            PassKind kind,
            ConditionsDocument conditions,
            ReadingDocument reading,
            Map<Integer, Double> poured,
            Problems problems) {
        int before = problems.all().size();
        ReadingReader.check(engine, kind, conditions, reading, problems, "");
        if (kind == PassKind.WET && problems.all().size() == before) {
            ReadingReader.oil(engine, reading, poured.getOrDefault(reading.cylinder(), 0.0), problems);
        }
    }

    /** Oil given to each cylinder so far, mL. */
    private Map<Integer, Double> poured(long jobId) {
        return mapper.poured(jobId).stream()
                .collect(Collectors.toMap(CompressionMapper.Poured::cylinder, CompressionMapper.Poured::oilMl));
    }

    /** A reading as a file holds it: with the reason why it does not count and the moment it was taken, if given. */
    public record FiledReading(
            String at, ReadingDocument reading, Optional<String> setAside, Optional<String> takenAt) {}

    /**
     * What is wrong with passes from a file that are to be added to a job, as if somebody typed them.
     *
     * @throws InvalidInput with everything that is wrong, at its place in the file
     */
    @Transactional(readOnly = true)
    public void checkFiled(long jobId, Engine engine, PassKind kind, List<FiledReading> readings) {
        Problems problems = new Problems();
        Map<Integer, Double> poured = new HashMap<>(poured(jobId));
        for (FiledReading filed : readings) {
            Problems own = new Problems();
            check(engine, kind, ConditionsDocument.EMPTY, filed.reading(), poured, own);
            own.all().forEach(p -> problems.add(new FieldProblem(filed.at(), p.message(), p.allowed())));
            if (own.isEmpty() && filed.reading().oilMl() != null) {
                poured.merge(filed.reading().cylinder(), filed.reading().oilMl(), Double::sum);
            }
        }
        if (mapper.countReadings(jobId) + readings.size() > MOST_READINGS) {
            problems.add(FieldProblem.of("the file", "would make too many readings", "at most " + MOST_READINGS));
        }
        problems.throwIfAny();
    }

    /** Adds a pass of checked readings; one step to undo. */
    @Transactional
    public void addFiled(long jobId, PassKind kind, List<FiledReading> readings, IntConsumer done) {
        restoreReadings(addPass(jobId, kind, ConditionsDocument.EMPTY), readings, done);
    }

    /**
     * Puts readings from a file where they belong; the caller has checked them.
     *
     * @param done told how many more are in; may throw to give up
     */
    @Transactional
    public void restoreReadings(long passId, List<FiledReading> readings, IntConsumer done) {
        long next = mapper.highestReading() + 1;
        String now = now();
        List<NewReading> rows = new ArrayList<>();
        List<NewStroke> strokes = new ArrayList<>();
        for (FiledReading filed : readings) {
            ReadingDocument r = filed.reading();
            rows.add(new NewReading(
                    next,
                    passId,
                    UUID.randomUUID().toString(),
                    r.cylinder(),
                    r.finalOnly(),
                    r.oilMl(),
                    filed.setAside().orElse(null),
                    filed.takenAt().orElse(now)));
            for (int i = 0; i < r.strokesKPa().size(); i++) {
                strokes.add(new NewStroke(next, i + 1, r.strokesKPa().get(i)));
            }
            next++;
            if (rows.size() == CHUNK) {
                flush(rows, strokes, done);
            }
        }
        flush(rows, strokes, done);
    }

    /** As one batch: a statement each by itself would take several times as long. */
    private void flush(List<NewReading> rows, List<NewStroke> strokes, IntConsumer done) {
        if (rows.isEmpty()) {
            return;
        }
        try (SqlSession batch = sessions.openSession(ExecutorType.BATCH)) {
            CompressionMapper into = batch.getMapper(CompressionMapper.class);
            rows.forEach(into::insertFiledReading);
            strokes.forEach(into::insertFiledStroke);
            batch.flushStatements();
        }
        done.accept(rows.size());
        rows.clear();
        strokes.clear();
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
        journal.added(jobId, ChangeKind.STROKE_ADDED, id, "stroke " + number + " of cylinder " + reading.cylinder());
    }

    /** Leaves an attempt out of the results, with a reason; an empty reason counts it again. */
    @Transactional
    public void setAside(long jobId, long readingId, String reason) {
        ReadingRow before = reading(jobId, readingId);
        Problems problems = new Problems();
        String given = problems.text("reason", reason, LONGEST_REASON);
        problems.throwIfAny();
        String kept = given.isEmpty() ? null : given;
        mapper.setAside(readingId, kept);
        journal.changed(
                jobId,
                ChangeKind.READING_SET_ASIDE,
                readingId,
                (kept == null ? "counting again" : "setting aside") + " of cylinder " + before.cylinder(),
                before.setAside(),
                kept);
    }

    /** A reading that changed its place, and the sentence that says so. */
    private record Moved(int cylinder, long correction) {}

    /** A reading was typed on the wrong cylinder: puts it where it belongs; the trail stays. */
    @Transactional
    public void move(long jobId, Engine engine, long readingId, int cylinder) {
        ReadingRow before = reading(jobId, readingId);
        PassRow pass = pass(jobId, before.passId());
        int count = engine.arrangement().count();
        if (cylinder < 1 || cylinder > count || cylinder == before.cylinder()) {
            throw InvalidInput.at("cylinder", "must be another cylinder of this engine", "1 to " + count);
        }
        if (pass.kind() == PassKind.WET) {
            CompressionAnalyst.wetRefusal(engine, CylinderNumber.of(cylinder)).ifPresent(refusal -> {
                throw InvalidInput.at("cylinder", refusal);
            });
        }
        mapper.moveReading(readingId, cylinder);
        String words = words(pass.kind()) + " reading moved from cylinder " + before.cylinder() + " to " + cylinder;
        long correction = corrections.add(jobId, words);
        journal.changed(
                jobId,
                ChangeKind.READING_MOVED,
                readingId,
                words,
                documents.write(new Moved(before.cylinder(), correction)),
                documents.write(new Moved(cylinder, correction)));
    }

    /** The values of a pass by number of their row, and the sentence that says what became of them. */
    private record Converted(Map<Long, Double> kpa, long correction) {}

    /** Values were typed in another unit than the one that was shown: reads them all in that unit; the trail stays. */
    @Transactional
    public void convert(long jobId, long passId, PressureUnit typedAs, PressureUnit meant) {
        if (typedAs == meant) {
            throw InvalidInput.at("meant", "is the unit they were typed in");
        }
        PassRow pass = pass(jobId, passId);
        rescale(
                jobId,
                pass,
                mapper.strokesOfPass(passId),
                Pressure.of(1, meant).ratioTo(Pressure.of(1, typedAs)),
                words(pass.kind()) + " pass read as " + meant.symbol() + " instead of " + typedAs.symbol());
    }

    /** One value with a slipped decimal: puts it right; the trail stays. */
    @Transactional
    public void putDecimalRight(long jobId, long readingId, double times) {
        if (times != 10 && times != 0.1) {
            throw InvalidInput.at("times", "a decimal slips by ten", "0.1 or 10");
        }
        ReadingRow reading = reading(jobId, readingId);
        List<StrokeRow> strokes = mapper.strokesOfPass(reading.passId()).stream()
                .filter(s -> s.readingId() == readingId)
                .toList();
        String words = "decimal of cylinder " + reading.cylinder() + " put right";
        rescale(jobId, pass(jobId, reading.passId()), strokes, times, words);
    }

    private void rescale(long jobId, PassRow pass, List<StrokeRow> strokes, double times, String words) {
        Problems problems = new Problems();
        ConditionsDocument conditions = conditions(pass);
        Map<Long, Double> before = new HashMap<>();
        Map<Long, Double> after = new HashMap<>();
        for (StrokeRow s : strokes) {
            before.put(s.id(), s.kpa());
            after.put(s.id(), s.kpa() * times);
            ReadingReader.value(conditions, "kPa", s.kpa() * times, problems);
        }
        problems.throwIfAny();
        after.forEach(mapper::setStroke);
        long correction = corrections.add(jobId, words);
        journal.changed(
                jobId,
                ChangeKind.PASS_CONVERTED,
                pass.id(),
                words,
                documents.write(new Converted(before, correction)),
                documents.write(new Converted(after, correction)));
    }

    /** Readings made of another one, the sentence that says so, and why the other does not count any more. */
    private record Split(List<Long> made, String setAside, long correction) {}

    /** Strokes of one cylinder were one value each of several: reads them so, from that cylinder on; the trail stays. */
    @Transactional
    public void split(long jobId, Engine engine, long readingId) {
        ReadingRow reading = reading(jobId, readingId);
        List<Double> values = mapper.strokesOf(readingId);
        int count = engine.arrangement().count();
        if (reading.finalOnly() || values.size() < 2 || reading.cylinder() + values.size() - 1 > count) {
            throw InvalidInput.at(
                    "reading",
                    "has " + values.size() + " values from cylinder " + reading.cylinder()
                            + " on; that is not one for each of the cylinders that follow");
        }
        List<Long> made = new ArrayList<>();
        for (int i = 0; i < values.size(); i++) {
            long id = mapper.insertReading(
                    reading.passId(),
                    UUID.randomUUID().toString(),
                    reading.cylinder() + i,
                    true,
                    i == 0 ? reading.oilMl() : null,
                    reading.takenAt(),
                    null);
            mapper.insertStroke(id, 1, values.get(i));
            made.add(id);
        }
        String why = "was one value each of several cylinders";
        mapper.setAside(readingId, why);
        String words = "strokes of cylinder " + reading.cylinder() + " read as one value each of " + values.size()
                + " cylinders";
        long correction = corrections.add(jobId, words);
        journal.changed(
                jobId,
                ChangeKind.READING_SPLIT,
                readingId,
                words,
                documents.write(new Split(made, reading.setAside(), correction)),
                documents.write(new Split(made, why, correction)));
    }

    /** A question about a pass was answered: what was typed is meant. It is not asked again. */
    @Transactional
    public void settle(long jobId, long passId, PassDoubt.Kind question) {
        PassRow pass = pass(jobId, passId);
        Set<PassDoubt.Kind> settled = new TreeSet<>(List.of(documents.read(pass.settled(), PassDoubt.Kind[].class)));
        if (!settled.add(question)) {
            return;
        }
        String after = documents.write(settled);
        mapper.settle(passId, after);
        journal.changed(jobId, ChangeKind.PASS_SETTLED, passId, "answer that it is meant so", pass.settled(), after);
    }

    private ConditionsDocument conditions(PassRow pass) {
        return documents.read(pass.conditions(), ConditionsDocument.class);
    }

    private PassRow pass(long jobId, long passId) {
        return mapper.pass(passId)
                .filter(p -> p.jobId() == jobId && !p.removed())
                .orElseThrow(() -> new NotFound("There is no pass " + passId + " in this job."));
    }

    private ReadingRow reading(long jobId, long readingId) {
        return mapper.reading(jobId, readingId)
                .orElseThrow(() -> new NotFound("There is no reading " + readingId + " in this job."));
    }

    @Override
    public String held() {
        return "compression readings";
    }

    @Override
    public Set<Integer> cylindersHeld(long engineId) {
        return mapper.cylindersRead(engineId);
    }

    @Override
    public Set<ChangeKind> kinds() {
        return Set.of(
                ChangeKind.READING_ADDED,
                ChangeKind.STROKE_ADDED,
                ChangeKind.PASS_ADDED,
                ChangeKind.CONDITIONS_CHANGED,
                ChangeKind.READING_SET_ASIDE,
                ChangeKind.READING_MOVED,
                ChangeKind.READING_SPLIT,
                ChangeKind.PASS_CONVERTED,
                ChangeKind.PASS_SETTLED);
    }

    @Override
    public void undo(Change change) {
        apply(change, true, change.before());
    }

    @Override
    public void redo(Change change) {
        apply(change, false, change.after());
    }

    private void apply(Change change, boolean removed, String document) {
        long id = change.targetId();
        switch (change.kind()) {
            case READING_ADDED -> mapper.removeReading(id, removed);
            case STROKE_ADDED -> mapper.removeStroke(id, removed);
            case PASS_ADDED -> mapper.removePass(id, removed);
            case READING_SET_ASIDE -> mapper.setAside(id, document);
            case PASS_SETTLED -> mapper.settle(id, document);
            case CONDITIONS_CHANGED -> {
                PassRow row = mapper.pass(id).orElseThrow();
                mapper.updateConditions(id, row.revision(), document);
            }
            case READING_MOVED -> {
                Moved moved = documents.read(document, Moved.class);
                mapper.moveReading(id, moved.cylinder());
                corrections.takeBack(moved.correction(), removed);
            }
            case READING_SPLIT -> {
                Split split = documents.read(document, Split.class);
                split.made().forEach(made -> mapper.removeReading(made, removed));
                mapper.setAside(id, split.setAside());
                corrections.takeBack(split.correction(), removed);
            }
            case PASS_CONVERTED -> {
                Converted converted = documents.read(document, Converted.class);
                converted.kpa().forEach(mapper::setStroke);
                corrections.takeBack(converted.correction(), removed);
            }
            default -> throw new IllegalArgumentException("not a change of compression: " + change.kind());
        }
    }

    private String now() {
        return Instant.now(clock).toString();
    }

    private static String words(PassKind kind) {
        return kind.name().toLowerCase(Locale.ROOT);
    }
}
