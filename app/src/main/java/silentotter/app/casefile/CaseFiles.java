package silentotter.app.casefile;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntConsumer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import silentotter.app.engine.Engines;
import silentotter.app.engine.ServiceLogs;
import silentotter.app.job.Jobs;
import silentotter.app.part.EnginePart;
import silentotter.app.part.JobPart;
import silentotter.app.progress.Progress.Work;
import silentotter.core.engine.EngineReader;
import silentotter.core.input.InvalidInput;
import silentotter.core.intake.ServiceDocument;
import silentotter.core.job.JobRecord;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Takes a case away as a file and loads one from elsewhere. */
@Service
public class CaseFiles {
    /** What bytes grow to as text. */
    private static final double BASE64 = 4.0 / 3;

    private final CaseFileReader reader;
    private final Engines engines;
    private final Jobs jobs;
    private final List<JobPart<?>> parts;
    private final List<EnginePart<?>> engineParts;
    private final JsonMapper json;
    private final ServiceLogs serviceLogs;
    private final TransactionTemplate writing;
    private final TransactionTemplate reading;

    CaseFiles(
            CaseFileReader reader,
            Engines engines,
            Jobs jobs,
            List<JobPart<?>> parts,
            List<EnginePart<?>> engineParts,
            JsonMapper json,
            ServiceLogs serviceLogs,
            PlatformTransactionManager transactions) {
        this.reader = reader;
        this.engines = engines;
        this.jobs = jobs;
        this.parts = parts;
        this.engineParts = engineParts;
        this.json = json;
        this.serviceLogs = serviceLogs;
        this.writing = new TransactionTemplate(transactions);
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
    }

    /** The engine of a job with all its jobs, as of one moment. */
    CaseFile export(long jobId) {
        return reading.execute(t -> exported(jobs.byId(jobId).engineId(), true));
    }

    /** A case file as it is handed on. */
    public record Copy(String name, byte[] content, boolean whole) {}

    /** The same to be carried by something that has to stay small: its large parts are not even read where it would not. */
    public Copy copy(long jobId, int mostBytes) {
        return reading.execute(t -> {
            long engineId = jobs.byId(jobId).engineId();
            long bulk = jobs.ofEngine(engineId).stream()
                    .flatMap(id -> parts.stream().map(p -> p.bulk(id)))
                    .mapToLong(bytes -> bytes)
                    .sum();
            Copy whole = copied(engineId, bulk * BASE64 <= mostBytes);
            return bulk > 0 && whole.content().length > mostBytes ? copied(engineId, false) : whole;
        });
    }

    private Copy copied(long engineId, boolean whole) {
        CaseFile file = exported(engineId, whole);
        return new Copy(file.fileName(), written(file).getBytes(StandardCharsets.UTF_8), whole);
    }

    String written(CaseFile file) {
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(file);
    }

    private CaseFile exported(long engineId, boolean whole) {
        List<ServiceDocument> service = serviceLogs.of(engineId);
        return new CaseFile(
                CaseFile.FORMAT,
                CaseFile.VERSION,
                exportedEngine(engineId),
                service.isEmpty() ? null : service,
                jobs.ofEngine(engineId).stream()
                        .map(id -> exportedJob(id, whole))
                        .toList());
    }

    private ObjectNode exportedEngine(long engineId) {
        ObjectNode engine =
                json.valueToTree(engines.read(engines.byId(engineId)).document());
        engineParts.forEach(
                p -> exported(p, engineId).ifPresent(filed -> engine.set(p.name(), json.valueToTree(filed))));
        return engine;
    }

    private static <K> Optional<Object> exported(EnginePart<K> part, long engineId) {
        return part.export(part.loadEngine(engineId));
    }

    /** @param whole or without its large parts */
    private Map<String, Object> exportedJob(long id, boolean whole) {
        Map<String, Object> job = new LinkedHashMap<>();
        job.put(ReadCase.JOB, jobs.read(jobs.byId(id)).document());
        parts.stream()
                .filter(p -> whole || p.bulk(id) == 0)
                .forEach(p -> export(p, id).ifPresent(filed -> job.put(p.name(), filed)));
        return job;
    }

    private static <K> Optional<Object> export(JobPart<K> part, long jobId) {
        return part.export(part.load(jobId));
    }

    /**
     * Loads a file as a new engine with its jobs; all of it or nothing. The file is read and checked before anything is
     * held up by it; only putting its readings in is one transaction.
     *
     * @param done told how far it has come; may throw to give up
     * @return the new jobs, in the order of the file
     */
    public List<Long> load(String text, Work done) {
        ReadCase file = reader.read(text);
        done.outOf(file.jobs().stream().mapToInt(ReadCase.ReadJob::size).sum());
        return writing.execute(t -> stored(file, done));
    }

    /**
     * One job of a file, read and checked as for a load, without storing anything.
     *
     * @param job by position from 0; the last one where nothing is said
     * @throws InvalidInput with everything that is wrong and where
     */
    public JobRecord record(String text, @Nullable Integer job) {
        ReadCase file = reader.read(text);
        int jobs = file.jobs().size();
        int at = job == null ? jobs - 1 : job;
        if (at < 0 || at >= jobs) {
            throw InvalidInput.at("job", "must be one of the jobs of the file", "0 to " + (jobs - 1));
        }
        return file.record(EngineReader.read(file.engine()), at);
    }

    private List<Long> stored(ReadCase file, IntConsumer done) {
        long engineId = engines.add(file.engine());
        file.service().forEach(e -> serviceLogs.restore(engineId, e));
        file.engineParts().forEach(p -> p.restore(engineId));
        List<Long> ids = new ArrayList<>();
        for (ReadCase.ReadJob job : file.jobs()) {
            long id = jobs.add(engineId, job.job());
            job.parts().forEach(p -> p.restore(id, done));
            parts.forEach(p -> p.begin(id));
            ids.add(id);
        }
        return ids;
    }
}
