package silentotter.app.sheet;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import silentotter.app.change.Journal;
import silentotter.app.engine.Engines;
import silentotter.app.engine.ServiceLogs;
import silentotter.app.job.JobRevision;
import silentotter.app.job.Jobs;
import silentotter.app.part.SheetPart;
import silentotter.app.shop.Choices;
import silentotter.app.storage.Documents.Readable;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.School;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.Movement;
import silentotter.core.engine.Engine;
import silentotter.core.engine.EngineDocument;
import silentotter.core.fault.Learnt;
import silentotter.core.finding.Shop;
import silentotter.core.intake.ServiceDocument;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.interpretation.Interpreter;
import silentotter.core.job.Job;
import silentotter.core.job.JobDocument;
import silentotter.core.job.JobRecord;
import silentotter.core.job.Observation;
import silentotter.core.round.Station;
import silentotter.core.wording.Units;
import silentotter.core.wording.Worded;
import silentotter.core.wording.Wording;
import tools.jackson.databind.json.JsonMapper;

/**
 * Loads what a job holds, has it interpreted, and shows it. All of it is read in one read-only transaction; what it says is
 * worked out after it and never stops anything from being stored. The result is remembered by the job's revision, which
 * grows with everything that it depends on.
 */
@Service
public class Sheets {
    /** Readings, of all jobs together: some fifty megabytes. */
    private static final int MOST_REMEMBERED = 150_000;

    private final Jobs jobs;
    private final Engines engines;
    private final ServiceLogs serviceLogs;
    private final List<SheetPart<?>> parts;
    private final Journal journal;
    private final Choices choices;
    private final Headlines headlines;
    private final AskedUnits asked;
    private final JsonMapper json;
    private final TransactionTemplate reading;
    private final Cache<JobRevision, Interpretation> known = Caffeine.newBuilder()
            .maximumWeight(MOST_REMEMBERED)
            .weigher(Sheets::weight)
            .build();

    Sheets(
            Jobs jobs,
            Engines engines,
            ServiceLogs serviceLogs,
            List<SheetPart<?>> parts,
            Journal journal,
            Choices choices,
            Headlines headlines,
            AskedUnits asked,
            JsonMapper json,
            PlatformTransactionManager transactions) {
        this.jobs = jobs;
        this.engines = engines;
        this.serviceLogs = serviceLogs;
        this.parts = parts;
        this.journal = journal;
        this.choices = choices;
        this.headlines = headlines;
        this.asked = asked;
        this.json = json;
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
    }

    /** A job with few readings weighs as much as its analysis does. */
    private static int weight(JobRevision revision, Interpretation said) {
        return 500
                + said.record().observed().size()
                + said.record().all(CompressionPass.class).stream()
                        .mapToInt(p -> p.readings().size())
                        .sum();
    }

    /** A part with what it keeps of this job. */
    private record Loaded<K>(SheetPart<K> part, K kept) {
        static <K> Loaded<K> of(SheetPart<K> part, long jobId) {
            return new Loaded<>(part, part.load(jobId));
        }

        Stream<? extends Observation> observed(Engine engine) {
            return part.observed(kept, engine).stream();
        }

        Record shown(Interpretation said) {
            return part.shown(kept, said);
        }

        List<String> leftOut() {
            return part.leftOut(kept);
        }
    }

    /** Everything of a job that its interpretation depends on, as of one moment. */
    private record Held(
            Jobs.StoredJob stored,
            Readable<JobDocument, Job> job,
            Engines.StoredEngine storedEngine,
            Readable<EngineDocument, Engine> engine,
            List<? extends Loaded<?>> parts,
            Shop shop) {
        /** Had the shop learnt nothing. */
        Held asStarted() {
            return new Held(stored, job, storedEngine, engine, parts, shop.having(Learnt.NOTHING));
        }

        JobRecord record() {
            return new JobRecord(
                    engine.value(),
                    job.value(),
                    parts.stream()
                            .flatMap(p -> p.observed(engine.value()))
                            .map(Observation.class::cast)
                            .toList());
        }

        /** What of it cannot be read any more, in sentences. */
        List<String> leftOut() {
            List<String> all = new ArrayList<>();
            engine.leftOut()
                    .forEach(p -> all.add("Of the engine, " + p.field() + " is left out: " + p.message() + "."));
            job.leftOut().forEach(p -> all.add("Of the job, " + p.field() + " is left out: " + p.message() + "."));
            parts.forEach(p -> all.addAll(p.leftOut()));
            return all;
        }
    }

    private record Beside(List<ServiceDocument> service, SheetHead.ChangeView undo, SheetHead.ChangeView redo) {}

    /** The sheet of a job as it now is. */
    public SheetView sheet(long jobId) {
        Seen seen = seen(jobId);
        return view(seen.held(), interpret(seen.held()), seen.beside(), asked.units());
    }

    /** The same, had the shop learnt nothing. */
    public SheetView sheetAsStarted(long jobId) {
        Seen seen = seen(jobId);
        Held held = seen.held().asStarted();
        return view(held, Interpreter.interpret(held.record(), held.shop()), seen.beside(), asked.units());
    }

    private record Seen(Held held, Beside beside) {}

    private Seen seen(long jobId) {
        return reading.execute(t -> {
            Held held = load(jobId);
            return new Seen(held, beside(held));
        });
    }

    private Beside beside(Held held) {
        long jobId = held.stored().id();
        return new Beside(
                serviceLogs.of(held.storedEngine().id()),
                journal.undoable(jobId).map(SheetHead.ChangeView::of).orElse(null),
                journal.redoable(jobId).map(SheetHead.ChangeView::of).orElse(null));
    }

    /** What a job says as it now is. */
    public Interpretation interpretation(long jobId) {
        return interpret(reading.execute(t -> load(jobId)));
    }

    /** What a job holds as it now is, without what it says. */
    public JobRecord record(long jobId) {
        return reading.execute(t -> load(jobId)).record();
    }

    /** How sentences about a job are filled for whoever asks. */
    public Wording wording(long jobId) {
        return new Wording(jobs.engineOf(jobId), asked.units());
    }

    private Interpretation interpret(Held held) {
        Jobs.StoredJob job = held.stored();
        Interpretation result = known.get(
                new JobRevision(job.id(), job.revision()), key -> Interpreter.interpret(held.record(), held.shop()));
        Diagnosis diagnosis = result.diagnosis();
        String words = new Wording(result.engine(), Units.METRIC).fill(diagnosis.inOneLine());
        headlines.workedOut(job.id(), job.revision(), words, diagnosis);
        return result;
    }

    private Held load(long jobId) {
        Jobs.StoredJob job = jobs.byId(jobId);
        Engines.StoredEngine engine = engines.byId(job.engineId());
        return new Held(
                job,
                jobs.read(job),
                engine,
                engines.read(engine),
                parts.stream().map(p -> Loaded.of(p, jobId)).toList(),
                choices.shop());
    }

    private SheetView view(Held held, Interpretation said, Beside beside, Units units) {
        Engine engine = said.engine();
        List<Station> stations = Station.of(said.record());
        List<String> notComputed = Stream.concat(held.leftOut().stream(), said.notComputed().stream())
                .toList();
        SheetHead head = new SheetHead(
                held.stored(),
                held.storedEngine(),
                engine.arrangement().cylinders().stream()
                        .map(n -> SheetHead.CylinderView.of(engine, n))
                        .toList(),
                stations,
                stations.stream().map(s -> SheetHead.StationView.of(s, engine)).toList(),
                beside.service(),
                serviceLogs.log(beside.service()).lastOilChange(held.job().value()),
                said.diagnosis(),
                moved(held.stored(), said),
                held.shop().choice(School.class, School.LOWEST_75),
                held.shop().learnt().anything(),
                notComputed,
                beside.undo(),
                beside.redo());
        All all = new All();
        put(all, head);
        held.parts().forEach(p -> put(all, p.shown(said)));
        return new SheetView(json.writer()
                .withAttribute(Wording.class, new Wording(engine, units))
                .writeValueAsString(all));
    }

    /** What the last change did; nothing where nobody asked for the sheet before it. */
    private List<Movement> moved(Jobs.StoredJob job, Interpretation said) {
        Interpretation before = known.getIfPresent(new JobRevision(job.id(), job.revision() - 1));
        return before == null ? List.of() : Movement.between(before.diagnosis(), said.diagnosis());
    }

    /** The sheet as one: texts that stand directly on it are sentences. */
    private static final class All extends LinkedHashMap<String, Object> implements Worded {
        private static final long serialVersionUID = 1L;
    }

    private static void put(All into, Record shown) {
        Arrays.stream(shown.getClass().getRecordComponents()).forEach(c -> {
            try {
                c.getAccessor().setAccessible(true);
                into.put(c.getName(), c.getAccessor().invoke(shown));
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException(e);
            }
        });
    }
}
