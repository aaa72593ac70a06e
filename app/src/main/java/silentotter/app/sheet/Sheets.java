package silentotter.app.sheet;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import silentotter.app.change.Corrections;
import silentotter.app.change.Journal;
import silentotter.app.compression.Compression;
import silentotter.app.compression.ConditionsReader;
import silentotter.app.compression.StoredPass;
import silentotter.app.engine.Engines;
import silentotter.app.engine.ServiceDocument;
import silentotter.app.engine.ServiceLogs;
import silentotter.app.examination.Examinations;
import silentotter.app.examination.Photos;
import silentotter.app.job.Jobs;
import silentotter.app.leakdown.Leakdown;
import silentotter.app.leakdown.Testers;
import silentotter.app.shop.Choices;
import silentotter.core.compression.Cautions;
import silentotter.core.compression.CompressionAnalyst;
import silentotter.core.compression.Conditions;
import silentotter.core.diagnosis.Verdict;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.round.Station;
import silentotter.core.wording.Say;

/**
 * Puts the sheet of a job together: stored readings in, results out. What a job holds is read in one read-only
 * transaction; what it says is worked out after it and never stops anything from being stored. The result is remembered
 * by the job's revision, which grows with everything that it depends on.
 */
@Service
public class Sheets {
    private final Jobs jobs;
    private final Engines engines;
    private final Compression compression;
    private final Leakdown leakdown;
    private final Testers testers;
    private final Examinations examinations;
    private final Photos photos;
    private final ServiceLogs serviceLogs;
    private final Interpreter interpreter;
    private final Journal journal;
    private final Corrections corrections;
    private final Choices choices;
    private final Headlines headlines;
    private final TransactionTemplate reading;
    private final Cache<Revision, Interpretation> known =
            Caffeine.newBuilder().maximumSize(100).build();

    Sheets(
            Jobs jobs,
            Engines engines,
            Compression compression,
            Leakdown leakdown,
            Testers testers,
            Examinations examinations,
            Photos photos,
            ServiceLogs serviceLogs,
            Interpreter interpreter,
            Journal journal,
            Corrections corrections,
            Choices choices,
            Headlines headlines,
            PlatformTransactionManager transactions) {
        this.jobs = jobs;
        this.engines = engines;
        this.compression = compression;
        this.leakdown = leakdown;
        this.testers = testers;
        this.examinations = examinations;
        this.photos = photos;
        this.serviceLogs = serviceLogs;
        this.interpreter = interpreter;
        this.journal = journal;
        this.corrections = corrections;
        this.choices = choices;
        this.headlines = headlines;
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
    }

    private record Revision(long jobId, int revision) {}

    /** Everything that only has to be shown. */
    private record Shown(
            List<Photos.Photo> photos,
            List<String> corrections,
            List<ServiceDocument> service,
            SheetView.ChangeView undo,
            SheetView.ChangeView redo) {}

    private record Loaded(JobHeld held, Shown shown) {}

    /** The sheet of a job as it now is. */
    SheetView sheet(long jobId) {
        Loaded loaded = reading.execute(t -> {
            JobHeld held = load(jobId);
            return new Loaded(held, shown(held));
        });
        return view(loaded.held(), interpret(loaded.held()), loaded.shown());
    }

    /** What a job says, as far as it is not known already. */
    void interpret(long jobId) {
        interpret(reading.execute(t -> load(jobId)));
    }

    private Interpretation interpret(JobHeld held) {
        Jobs.StoredJob job = held.job();
        Interpretation result = known.get(new Revision(job.id(), job.revision()), key -> interpreter.interpret(held));
        Verdict verdict = result.diagnosis().engine();
        headlines.workedOut(job.id(), job.revision(), Say.labelled(verdict.what(), result.engine()), verdict.tone());
        return result;
    }

    private JobHeld load(long jobId) {
        Jobs.StoredJob job = jobs.byId(jobId);
        Engines.StoredEngine stored = engines.byId(job.engineId());
        return new JobHeld(
                job,
                jobs.read(job),
                stored,
                engines.read(stored),
                compression.passes(jobId),
                leakdown.readings(jobId),
                testers.all(),
                examinations.of(jobId),
                choices.leadingSchool(),
                choices.leadingPlugSchool());
    }

    private Shown shown(JobHeld held) {
        long jobId = held.job().id();
        return new Shown(
                photos.of(jobId),
                corrections.of(jobId).stream()
                        .map(c -> c.words() + ", " + c.at())
                        .toList(),
                serviceLogs.of(held.stored().id()),
                journal.undoable(jobId).map(SheetView.ChangeView::of).orElse(null),
                journal.redoable(jobId).map(SheetView.ChangeView::of).orElse(null));
    }

    private SheetView view(JobHeld held, Interpretation c, Shown shown) {
        Engine engine = c.engine();
        UnaryOperator<String> say = sentence -> Say.labelled(sentence, engine);
        return new SheetView(
                held.job(),
                held.stored(),
                engine.arrangement().cylinders().stream()
                        .map(n -> cylinder(engine, n))
                        .toList(),
                held.passes(),
                held.passes().stream().flatMap(p -> cranked(p, engine)).toList(),
                Station.of(engine, held.examination()),
                held.examination(),
                ExaminationView.of(engine, held.examination(), c.reading(), held.plugSchool(), say),
                shown.photos(),
                shown.corrections(),
                shown.service(),
                serviceLogs.log(shown.service()).lastOilChange(held.readable().value()),
                CompressionView.of(c, held.passes(), say),
                LeakdownView.of(engine, c, held, say),
                DiagnosisView.of(c.diagnosis(), say),
                held.leading(),
                Cautions.of(engine),
                c.notComputed(),
                shown.undo(),
                shown.redo());
    }

    private static SheetView.CylinderView cylinder(Engine engine, CylinderNumber n) {
        return new SheetView.CylinderView(
                n.value(),
                engine.label(n),
                engine.arrangement().neighbours(n).stream()
                        .map(CylinderNumber::value)
                        .toList(),
                engine.arrangement().boreLeanDeg(n).orElse(null),
                CompressionAnalyst.wetRefusal(engine, n).isEmpty());
    }

    private static Stream<SheetView.CrankedView> cranked(StoredPass pass, Engine engine) {
        Conditions conditions = ConditionsReader.read(pass.conditions());
        return conditions.length().stream()
                .map(l -> new SheetView.CrankedView(
                        pass.id(), RangeView.ofNumbers(l.strokes(engine.cycle(), conditions.crankingSpeed()))));
    }

    Engine engineOf(long jobId) {
        return jobs.engineOf(jobId);
    }
}
