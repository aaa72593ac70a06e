package silentotter.app.compression;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;
import org.apache.ibatis.session.ExecutorType;
import org.apache.ibatis.session.SqlSession;
import org.apache.ibatis.session.SqlSessionFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import silentotter.app.compression.CompressionMapper.NewReading;
import silentotter.app.compression.CompressionMapper.NewStroke;
import silentotter.app.compression.CompressionMapper.ReadingRow;
import silentotter.app.compression.CompressionMapper.StrokeRow;
import silentotter.app.compression.ReadingsCsv.CsvPass;
import silentotter.app.compression.StoredPass.StoredReading;
import silentotter.app.part.CsvPart;
import silentotter.app.part.Filed;
import silentotter.app.part.Filed.Placed;
import silentotter.app.part.JobPart;
import silentotter.app.progress.Progress.Work;
import silentotter.app.storage.Documents;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.ConditionsDocument;
import silentotter.core.compression.ConditionsReader;
import silentotter.core.compression.FiledReading;
import silentotter.core.compression.PassDoubt;
import silentotter.core.compression.PassKind;
import silentotter.core.compression.ReadingReader;
import silentotter.core.engine.Engine;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.interpretation.Interpretation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Compression as a part of the job: on the sheet, in case files, as comma-separated values. */
@Service
record CompressionPart(
        CompressionMapper mapper,
        Compression compression,
        SqlSessionFactory sessions,
        TransactionTemplate transaction,
        Documents documents,
        JsonMapper json,
        Clock clock)
        implements JobPart<List<StoredPass>>, CsvPart {
    /** Readings that go into the database at once, and after which somebody may give up. */
    private static final int CHUNK = 1000;

    @Override
    public String name() {
        return "compression";
    }

    @Override
    public List<StoredPass> load(long jobId) {
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
                        compression.conditions(p),
                        List.of(documents.read(p.settled(), PassDoubt.Kind[].class)),
                        stored(readings.getOrDefault(p.id(), List.of()), strokes)))
                .toList();
    }

    private static List<StoredReading> stored(List<ReadingRow> rows, Map<Long, List<Double>> strokes) {
        List<StoredReading> result = new ArrayList<>(rows.size());
        for (ReadingRow row : rows) {
            if (strokes.containsKey(row.id())) {
                result.add(
                        new StoredReading(row.id(), row.key(), result.size() + 1, row.reading(strokes.get(row.id()))));
            }
        }
        return result;
    }

    @Override
    public Optional<Object> export(List<StoredPass> passes) {
        return Optional.of(passes.stream().map(StoredPass::filed).toList());
    }

    @Override
    public List<StoredPass> read(JsonNode filed, Engine engine, Problems problems, String path) {
        List<StoredPass> passes = Filed.list(json, filed, StoredPass.Filed.class, problems, path).stream()
                .map(StoredPass.Filed::kept)
                .toList();
        if (size(passes) > Compression.MOST_READINGS) {
            String most = "at most " + Compression.MOST_READINGS;
            throw InvalidInput.at(path, "holds " + size(passes) + " readings", most);
        }
        for (int p = 0; p < passes.size(); p++) {
            StoredPass pass = passes.get(p);
            String at = path + "[" + p + "].";
            ConditionsReader.read(pass.conditions(), problems, at + "conditions.");
            for (StoredReading r : pass.readings()) {
                // Not whether oil may go into this engine: what was poured was poured, and is only said not to count.
                String place = at + "readings[" + (r.order() - 1) + "].";
                ReadingReader.check(engine, pass.kind(), pass.conditions(), r.reading(), problems, place);
                Filed.reading(r.reading().takenAt(), r.reading().setAside(), problems, place);
            }
        }
        return passes;
    }

    @Override
    public int size(List<StoredPass> passes) {
        return passes.stream().mapToInt(p -> p.readings().size()).sum();
    }

    @Override
    public void restore(long jobId, List<StoredPass> passes, IntConsumer done) {
        for (StoredPass p : passes) {
            long id = mapper.insertPass(jobId, p.kind(), documents.write(p.conditions()), documents.write(p.settled()));
            insert(id, p.readings().stream().map(StoredReading::reading).toList(), done);
        }
        begin(jobId);
    }

    /** A sheet needs a pass to type into. */
    @Override
    public void begin(long jobId) {
        if (mapper.passes(jobId).isEmpty()) {
            mapper.insertPass(jobId, PassKind.DRY, documents.write(ConditionsDocument.EMPTY), "[]");
        }
    }

    private void insert(long passId, List<FiledReading> readings, IntConsumer done) {
        String now = Instant.now(clock).toString();
        long next = mapper.highestReading() + 1;
        for (int from = 0; from < readings.size(); from += CHUNK) {
            List<FiledReading> chunk = readings.subList(from, Math.min(readings.size(), from + CHUNK));
            // As one batch: a statement each by itself would take several times as long.
            try (SqlSession batch = sessions.openSession(ExecutorType.BATCH)) {
                CompressionMapper into = batch.getMapper(CompressionMapper.class);
                for (FiledReading r : chunk) {
                    into.insertFiledReading(
                            new NewReading(next++, passId, UUID.randomUUID().toString(), r.takenOr(now)));
                }
                long id = next - chunk.size();
                for (FiledReading r : chunk) {
                    for (int i = 0; i < r.strokesKPa().size(); i++) {
                        into.insertFiledStroke(
                                new NewStroke(id, i + 1, r.strokesKPa().get(i)));
                    }
                    id++;
                }
                batch.flushStatements();
            }
            done.accept(chunk.size());
        }
    }

    @Override
    public List<CompressionPass> observed(List<StoredPass> passes, Engine engine) {
        return passes.stream().map(StoredPass::toCore).toList();
    }

    @Override
    public CompressionShown shown(List<StoredPass> passes, Interpretation said) {
        return CompressionShown.of(passes, said);
    }

    @Override
    public Class<CompressionShown> shows() {
        return CompressionShown.class;
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
    public String csv(long jobId) {
        return ReadingsCsv.write(load(jobId));
    }

    /** As new passes. Checked before anything is held up by it; only putting the readings in is one transaction. */
    @Override
    public void addCsv(long jobId, Engine engine, byte[] content, Work work) {
        List<CsvPass> passes = ReadingsCsv.read(content);
        passes.forEach(p -> checkNow(jobId, engine, p));
        work.outOf(passes.stream().mapToInt(p -> p.readings().size()).sum());
        transaction.executeWithoutResult(t -> passes.forEach(p -> insert(
                compression.addPass(jobId, p.kind(), ConditionsDocument.EMPTY),
                p.readings().stream().map(Placed::value).toList(),
                work)));
    }

    /** What is wrong with a pass from a file, as if somebody typed it, at its place in the file. */
    private void checkNow(long jobId, Engine engine, CsvPass pass) {
        Problems problems = new Problems();
        Map<Integer, Double> poured = new HashMap<>(compression.poured(jobId, pass.kind()));
        for (Placed<FiledReading> placed : pass.readings()) {
            FiledReading reading = placed.value();
            Problems own = new Problems();
            Compression.checkNow(engine, pass.kind(), ConditionsDocument.EMPTY, reading, poured, own);
            own.all().forEach(p -> problems.add(new FieldProblem(placed.at(), p.message(), p.allowed())));
            if (own.isEmpty() && reading.oilMl() != null) {
                poured.merge(reading.cylinder(), reading.oilMl(), Double::sum);
            }
        }
        if (mapper.countReadings(jobId) + pass.readings().size() > Compression.MOST_READINGS) {
            problems.add(FieldProblem.of(
                    "the file", "would make too many readings", "at most " + Compression.MOST_READINGS));
        }
        problems.throwIfAny();
    }
}
