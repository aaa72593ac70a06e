package silentotter.app.compression;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Change;
import silentotter.app.change.ChangeKind;
import silentotter.app.change.Journal;
import silentotter.app.change.Undoable;
import silentotter.app.compression.CompressionMapper.PassRow;
import silentotter.app.compression.CompressionMapper.ReadingRow;
import silentotter.app.compression.CompressionMapper.StrokeRow;
import silentotter.app.compression.StoredPass.StoredReading;
import silentotter.app.http.Conflict;
import silentotter.app.http.NotFound;
import silentotter.app.storage.Documents;
import silentotter.core.compression.CompressionAnalyst;
import silentotter.core.compression.PassKind;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.twin.WetArtefact;

/** The compression tests of the jobs: passes, conditions, readings. Readings are added, never overwritten. */
@Service
public class Compression implements Undoable {
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

    /** Opens a further pass with given conditions. */
    @Transactional
    public long addPass(long jobId, PassKind kind, ConditionsDocument conditions) {
        long id = restorePass(jobId, kind, conditions);
        journal.added(jobId, ChangeKind.PASS_ADDED, id, "new " + words(kind) + " pass");
        return id;
    }

    /** Puts a pass where it belongs: the first one of a job, or one from a file. Not a step to undo. */
    @Transactional
    public long restorePass(long jobId, PassKind kind, ConditionsDocument conditions) {
        ConditionsReader.read(conditions);
        return mapper.insertPass(jobId, kind, documents.write(conditions));
    }

    /** @throws Conflict when the conditions have changed since that revision */
    @Transactional
    public void changeConditions(long jobId, long passId, int revision, ConditionsDocument conditions) {
        StoredPass before = pass(jobId, passId);
        ConditionsReader.read(conditions);
        String document = documents.write(conditions);
        if (mapper.updateConditions(passId, revision, document) == 0) {
            throw new Conflict("The conditions of this pass were changed in another window meanwhile.");
        }
        journal.changed(
                jobId,
                ChangeKind.CONDITIONS_CHANGED,
                passId,
                "change of conditions",
                documents.write(before.conditions()),
                document);
    }

    /** Adds one attempt. Sending the same key twice adds it once. */
    @Transactional
    public void addReading(long jobId, Engine engine, long passId, ReadingDocument reading) {
        String key = Objects.requireNonNullElseGet(
                reading.key(), () -> UUID.randomUUID().toString());
        if (mapper.hasReading(key)) {
            return;
        }
        StoredPass pass = pass(jobId, passId);
        check(jobId, engine, pass, reading);
        long id = insert(passId, key, reading, null, Instant.now(clock).toString());
        journal.added(
                jobId, ChangeKind.READING_ADDED, id, words(pass.kind()) + " reading on cylinder " + reading.cylinder());
    }

    /** A reading as a file holds it: with the reason why it does not count and the moment it was taken, if given. */
    public record FiledReading(ReadingDocument reading, Optional<String> setAside, Optional<String> takenAt) {}

    /**
     * Adds a whole pass of readings, as from a file; one step to undo.
     *
     * @throws InvalidInput with everything that is wrong, by cylinder; nothing is added then
     */
    @Transactional
    public void addWholePass(long jobId, Engine engine, PassKind kind, List<FiledReading> readings) {
        long passId = addPass(jobId, kind, ConditionsDocument.EMPTY);
        Problems problems = new Problems();
        String now = Instant.now(clock).toString();
        for (FiledReading filed : readings) {
            ReadingDocument reading = filed.reading();
            try {
                check(jobId, engine, pass(jobId, passId), reading);
                restoreReading(
                        passId,
                        reading,
                        filed.setAside().orElse(null),
                        filed.takenAt().orElse(now));
            } catch (InvalidInput e) {
                e.problems()
                        .forEach(p -> problems.add(
                                new FieldProblem("cylinder " + reading.cylinder(), p.message(), p.allowed())));
            }
        }
        problems.throwIfAny();
    }

    /** Puts a reading from a file where it belongs; the caller has checked it. */
    @Transactional
    public void restoreReading(long passId, ReadingDocument reading, String setAside, String takenAt) {
        insert(passId, UUID.randomUUID().toString(), reading, setAside, takenAt);
    }

    private long insert(long passId, String key, ReadingDocument reading, String setAside, String takenAt) {
        long id = mapper.insertReading(
                passId, key, reading.cylinder(), reading.finalOnly(), reading.oilMl(), setAside, takenAt);
        for (int i = 0; i < reading.strokesKPa().size(); i++) {
            mapper.insertStroke(id, i + 1, reading.strokesKPa().get(i));
        }
        return id;
    }

    /** Adds the next stroke of an attempt that is written down stroke by stroke. */
    @Transactional
    public void addStroke(long jobId, long readingId, int number, double kPa) {
        StoredPass pass = passOfReading(jobId, readingId);
        StoredReading reading = reading(pass, readingId);
        Problems problems = new Problems();
        checkValue(pass, "kPa", kPa, problems);
        problems.throwIfAny();
        if (reading.finalOnly()) {
            throw InvalidInput.at("number", "this attempt was written down as final only");
        }
        Long id = number == reading.strokesKPa().size() + 1 ? mapper.insertStroke(readingId, number, kPa) : null;
        if (id == null) {
            throw new Conflict("Stroke " + number + " of cylinder " + reading.cylinder()
                    + " is there already or comes too early; it was not overwritten.");
        }
        journal.added(jobId, ChangeKind.STROKE_ADDED, id, "stroke " + number + " of cylinder " + reading.cylinder());
    }

    /** Leaves an attempt out of the results, with a reason; an empty reason counts it again. */
    @Transactional
    public void setAside(long jobId, long readingId, String reason) {
        StoredReading before = reading(passOfReading(jobId, readingId), readingId);
        String given = reason == null || reason.isBlank() ? null : reason.strip();
        mapper.setAside(readingId, given);
        journal.changed(
                jobId,
                ChangeKind.READING_SET_ASIDE,
                readingId,
                (given == null ? "counting again" : "setting aside") + " of cylinder " + before.cylinder(),
                before.setAside(),
                given);
    }

    private void check(long jobId, Engine engine, StoredPass pass, ReadingDocument reading) {
        Problems problems = new Problems();
        int count = engine.arrangement().count();
        if (reading.cylinder() < 1 || reading.cylinder() > count) {
            problems.add(FieldProblem.of(
                    "cylinder", reading.cylinder() + " does not exist on this engine", "1 to " + count));
        }
        checkStrokes(pass, reading, problems);
        problems.throwIfAny();
        if (pass.kind() == PassKind.WET) {
            checkOil(jobId, engine, reading, problems);
        } else if (reading.oilMl() != null) {
            problems.add("oilMl", "belongs to a wet pass");
        }
        problems.throwIfAny();
    }

    private static void checkStrokes(StoredPass pass, ReadingDocument reading, Problems problems) {
        List<Double> strokes = Objects.requireNonNullElse(reading.strokesKPa(), List.of());
        if (strokes.isEmpty() || strokes.contains(null) || strokes.size() > AllowedRange.STROKES.max()) {
            problems.add(FieldProblem.of("strokesKPa", "needs 1 to 60 values", AllowedRange.READING.inWords()));
            return;
        }
        if (reading.finalOnly() && strokes.size() != 1) {
            problems.add("strokesKPa", "a final-only reading has one value");
        }
        for (int i = 0; i < strokes.size(); i++) {
            checkValue(pass, "strokesKPa[" + i + "]", strokes.get(i), problems);
        }
    }

    private static void checkValue(StoredPass pass, String path, double kPa, Problems problems) {
        Optional<FieldProblem> outside = AllowedRange.READING.problemWith(path, kPa);
        outside.ifPresent(problems::add);
        Double fullScale = pass.conditions().gaugeFullScaleKPa();
        if (outside.isEmpty() && fullScale != null && kPa > fullScale) {
            problems.add(FieldProblem.of(
                    path,
                    rounded(kPa) + " is over the gauge's full scale of " + rounded(fullScale) + " kPa",
                    "0 to " + rounded(fullScale) + " kPa"));
        }
    }

    private void checkOil(long jobId, Engine engine, ReadingDocument reading, Problems problems) {
        CylinderNumber cylinder = CylinderNumber.of(reading.cylinder());
        Optional<String> refusal = CompressionAnalyst.wetRefusal(engine, cylinder);
        if (refusal.isPresent()) {
            problems.add("cylinder", refusal.get());
            return;
        }
        double dose = Objects.requireNonNullElse(reading.oilMl(), 0.0);
        AllowedRange.OIL_DOSE.problemWith("oilMl", dose).ifPresent(problems::add);
        double poured = passes(jobId).stream()
                .filter(p -> p.kind() == PassKind.WET)
                .flatMap(p -> p.readings().stream())
                .filter(r -> r.cylinder() == reading.cylinder() && r.oilMl() != null)
                .mapToDouble(StoredReading::oilMl)
                .sum();
        engine.size().geometry(engine.assumedRatio()).ifPresent(geometry -> {
            double left = Math.max(0, WetArtefact.safeOil(geometry).millilitres() - poured);
            if (dose > left) {
                problems.add(FieldProblem.of(
                        "oilMl",
                        rounded(dose)
                                + " mL more would make over a quarter of the clearance volume: the engine could lock",
                        "0 to " + rounded(Math.floor(left * 10) / 10) + " mL"));
            }
        });
    }

    private StoredPass pass(long jobId, long passId) {
        return passes(jobId).stream()
                .filter(p -> p.id() == passId)
                .findFirst()
                .orElseThrow(() -> new NotFound("There is no pass " + passId + " in this job."));
    }

    private StoredPass passOfReading(long jobId, long readingId) {
        return passes(jobId).stream()
                .filter(p -> p.readings().stream().anyMatch(r -> r.id() == readingId))
                .findFirst()
                .orElseThrow(() -> new NotFound("There is no reading " + readingId + " in this job."));
    }

    private static StoredReading reading(StoredPass pass, long readingId) {
        return pass.readings().stream()
                .filter(r -> r.id() == readingId)
                .findFirst()
                .orElseThrow();
    }

    @Override
    public Set<ChangeKind> kinds() {
        return Set.of(
                ChangeKind.READING_ADDED,
                ChangeKind.STROKE_ADDED,
                ChangeKind.PASS_ADDED,
                ChangeKind.CONDITIONS_CHANGED,
                ChangeKind.READING_SET_ASIDE);
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
            case CONDITIONS_CHANGED -> {
                PassRow row = mapper.pass(id).orElseThrow();
                mapper.updateConditions(id, row.revision(), document);
            }
            default -> throw new IllegalArgumentException("not a change of compression: " + change.kind());
        }
    }

    private static String words(PassKind kind) {
        return kind.name().toLowerCase(Locale.ROOT);
    }

    private static String rounded(double value) {
        return value == Math.rint(value)
                ? String.format(Locale.ROOT, "%.0f", value)
                : String.format(Locale.ROOT, "%.1f", value);
    }
}
