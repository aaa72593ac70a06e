package silentotter.app.sheet;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Journal;
import silentotter.app.compression.Compression;
import silentotter.app.compression.ConditionsReader;
import silentotter.app.compression.StoredPass;
import silentotter.app.engine.EngineReader;
import silentotter.app.engine.Engines;
import silentotter.app.engine.ServiceDocument;
import silentotter.app.engine.ServiceLogs;
import silentotter.app.examination.Examinations;
import silentotter.app.examination.Photos;
import silentotter.app.job.JobReader;
import silentotter.app.job.Jobs;
import silentotter.app.leakdown.Leakdown;
import silentotter.app.leakdown.Leakdown.StoredLeakdown;
import silentotter.app.leakdown.Testers;
import silentotter.app.leakdown.Testers.StoredTester;
import silentotter.app.shop.Shop;
import silentotter.core.compression.Cautions;
import silentotter.core.compression.CompressionAnalysis;
import silentotter.core.compression.CompressionAnalyst;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.Conditions;
import silentotter.core.compression.School;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.Diagnostician;
import silentotter.core.diagnosis.Verdict;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.examination.ExaminationReading;
import silentotter.core.job.Ambient;
import silentotter.core.leakdown.LeakdownAnalysis;
import silentotter.core.leakdown.LeakdownAnalyst;
import silentotter.core.plugs.PlugSchool;
import silentotter.core.round.Station;
import silentotter.core.wording.Say;

/** Puts the sheet of a job together: stored readings in, results out. Nothing computed is stored but the headline. */
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
    private final CompressionAnalyst analyst;
    private final Journal journal;
    private final Shop shop;

    Sheets(
            Jobs jobs,
            Engines engines,
            Compression compression,
            Leakdown leakdown,
            Testers testers,
            Examinations examinations,
            Photos photos,
            ServiceLogs serviceLogs,
            CompressionAnalyst analyst,
            Journal journal,
            Shop shop) {
        this.jobs = jobs;
        this.engines = engines;
        this.compression = compression;
        this.leakdown = leakdown;
        this.testers = testers;
        this.examinations = examinations;
        this.photos = photos;
        this.serviceLogs = serviceLogs;
        this.analyst = analyst;
        this.journal = journal;
        this.shop = shop;
    }

    private record Computed(
            Jobs.StoredJob job,
            Engines.StoredEngine stored,
            Engine engine,
            List<StoredPass> passes,
            CompressionAnalysis analysis,
            School leading,
            Examination examination,
            ExaminationReading reading,
            PlugSchool plugSchool,
            List<StoredLeakdown> leaks,
            List<StoredTester> testers,
            LeakdownAnalysis leakdown,
            Diagnosis diagnosis) {}

    SheetView sheet(long jobId) {
        Computed c = compute(jobId);
        return view(c, c.job());
    }

    private SheetView view(Computed c, Jobs.StoredJob job) {
        long jobId = job.id();
        List<ServiceDocument> service = serviceLogs.of(c.stored().id());
        return new SheetView(
                job,
                c.stored(),
                c.engine().arrangement().cylinders().stream()
                        .map(n -> cylinder(c.engine(), n))
                        .toList(),
                c.passes(),
                c.passes().stream().flatMap(p -> cranked(p, c.engine())).toList(),
                Station.of(c.engine()),
                c.examination(),
                ExaminationView.of(c.engine(), c.examination(), c.reading(), c.plugSchool(), say(c.engine())),
                photos.of(jobId),
                examinations.corrections(jobId),
                service,
                serviceLogs.log(service).lastOilChange(JobReader.read(c.job().job())),
                CompressionView.of(c.analysis(), say(c.engine())),
                LeakdownView.of(c.engine(), c.leakdown(), c.leaks(), c.testers(), say(c.engine())),
                DiagnosisView.of(c.diagnosis(), say(c.engine())),
                c.leading(),
                Cautions.of(c.engine()),
                journal.undoable(jobId).map(SheetView.ChangeView::of).orElse(null),
                journal.redoable(jobId).map(SheetView.ChangeView::of).orElse(null));
    }

    /** Sentences of the core in the words of this shop. */
    private static UnaryOperator<String> say(Engine engine) {
        return sentence -> Say.labelled(sentence, engine);
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

    /** Notes on a job that it has changed, with its new verdict; and on all jobs of its engine when that changed. */
    @Transactional
    public void changed(long jobId) {
        touch(compute(jobId));
    }

    /** The same, answered with the new sheet; computed once. */
    @Transactional
    SheetView changedSheet(long jobId) {
        Computed c = compute(jobId);
        touch(c);
        return view(c, jobs.byId(jobId));
    }

    private void touch(Computed c) {
        Verdict verdict = c.diagnosis().engine();
        jobs.touch(c.job().id(), Say.labelled(verdict.what(), c.engine()), verdict.tone());
    }

    @Transactional
    public void engineChanged(long engineId) {
        jobs.ofEngine(engineId).forEach(this::changed);
    }

    Engine engineOf(long jobId) {
        return EngineReader.read(engines.byId(jobs.byId(jobId).engineId()).engine());
    }

    private Computed compute(long jobId) {
        Jobs.StoredJob job = jobs.byId(jobId);
        Engines.StoredEngine stored = engines.byId(job.engineId());
        Engine engine = EngineReader.read(stored.engine());
        List<StoredPass> passes = compression.passes(jobId);
        Ambient ambient = JobReader.read(job.job()).ambient();
        List<CompressionPass> inCore = passes.stream().map(StoredPass::toCore).toList();
        CompressionAnalysis analysis = analyst.analyse(engine, ambient, inCore);
        List<StoredLeakdown> leaks = leakdown.readings(jobId);
        List<StoredTester> known = testers.all();
        LeakdownAnalysis leakdownAnalysis = LeakdownAnalyst.analyse(
                engine,
                ambient,
                Leakdown.toCore(engine, leaks, known),
                analyst.beside(engine, ambient, inCore, analysis));
        School leading = shop.leadingSchool();
        Examination examination = examinations.of(jobId);
        PlugSchool plugSchool = shop.leadingPlugSchool();
        ExaminationReading reading = ExaminationReading.read(engine, examination, plugSchool);
        return new Computed(
                job,
                stored,
                engine,
                passes,
                analysis,
                leading,
                examination,
                reading,
                plugSchool,
                leaks,
                known,
                leakdownAnalysis,
                Diagnostician.diagnose(engine, analysis, leading, reading, leakdownAnalysis));
    }
}
