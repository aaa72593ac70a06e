package silentotter.app.casefile;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import silentotter.app.casefile.ReadingsCsv.CsvPass;
import silentotter.app.compression.Compression;
import silentotter.app.examination.ExaminationPart;
import silentotter.app.examination.Examinations;
import silentotter.app.job.Jobs;
import silentotter.app.leakdown.Leakdown;
import silentotter.app.leakdown.Testers;
import silentotter.app.leakdown.Testers.StoredTester;
import silentotter.app.progress.Progress.Work;
import silentotter.core.engine.Engine;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import tools.jackson.databind.node.ObjectNode;

/** Adds what was read from comma-separated values to a job: all of a file or nothing. */
@Service
class CsvLoads {
    private final Jobs jobs;
    private final Compression compression;
    private final Leakdown leakdown;
    private final Testers testers;
    private final Examinations examinations;
    private final TransactionTemplate transaction;

    CsvLoads(
            Jobs jobs,
            Compression compression,
            Leakdown leakdown,
            Testers testers,
            Examinations examinations,
            TransactionTemplate transaction) {
        this.jobs = jobs;
        this.compression = compression;
        this.leakdown = leakdown;
        this.testers = testers;
        this.examinations = examinations;
        this.transaction = transaction;
    }

    /** Checked before anything is held up by it; only putting the readings in is one transaction. */
    void readings(long jobId, List<CsvPass> passes, Work done) {
        Engine engine = jobs.engineOf(jobId);
        passes.forEach(p -> compression.checkFiled(jobId, engine, p.kind(), p.readings()));
        done.outOf(passes.stream().mapToInt(p -> p.readings().size()).sum());
        transaction.executeWithoutResult(
                t -> passes.forEach(p -> compression.addFiled(jobId, p.kind(), p.readings(), done)));
    }

    @Transactional
    void findings(long jobId, Map<ExaminationPart, ObjectNode> patches) {
        Engine engine = jobs.engineOf(jobId);
        patches.forEach((part, patch) -> examinations.change(jobId, engine, part, patch));
    }

    @Transactional
    void leakdown(long jobId, List<LeakdownCsv.Entry> entries) {
        Engine engine = jobs.engineOf(jobId);
        Problems problems = new Problems();
        List<StoredTester> known = testers.all();
        for (LeakdownCsv.Entry entry : entries) {
            Optional<StoredTester> tester = known.stream()
                    .filter(t -> t.tester().name().equalsIgnoreCase(entry.tester()))
                    .findFirst();
            if (tester.isEmpty()) {
                problems.add(entry.at(), "there is no tester '" + entry.tester() + "' in this shop; add it first");
                continue;
            }
            try {
                leakdown.addFiled(
                        jobId,
                        engine,
                        tester.get().id(),
                        entry.cylinder(),
                        entry.reading(),
                        entry.setAside().orElse(null),
                        entry.takenAt());
            } catch (InvalidInput e) {
                e.problems().forEach(p -> problems.add(new FieldProblem(entry.at(), p.message(), p.allowed())));
            }
        }
        problems.throwIfAny();
    }
}
