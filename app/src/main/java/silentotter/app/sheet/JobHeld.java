package silentotter.app.sheet;

import java.util.List;
import silentotter.app.compression.StoredPass;
import silentotter.app.engine.EngineDocument;
import silentotter.app.engine.Engines;
import silentotter.app.examination.Examinations;
import silentotter.app.job.JobDocument;
import silentotter.app.job.Jobs;
import silentotter.app.leakdown.Leakdown.StoredLeakdown;
import silentotter.app.leakdown.Testers.StoredTester;
import silentotter.app.storage.Documents.Readable;
import silentotter.core.compression.School;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.job.Job;
import silentotter.core.plugs.PlugSchool;

/** Everything of a job that its interpretation depends on, as of one moment. */
record JobHeld(
        Jobs.StoredJob job,
        Readable<JobDocument, Job> readable,
        Engines.StoredEngine stored,
        Readable<EngineDocument, Engine> engine,
        List<StoredPass> passes,
        List<StoredLeakdown> leaks,
        List<StoredTester> testers,
        Examinations.Kept kept,
        School leading,
        PlugSchool plugSchool) {
    Examination examination() {
        return kept.examination();
    }
}
