package silentotter.app.sheet;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.compression.Compression;
import silentotter.app.compression.ConditionsDocument;
import silentotter.app.engine.EngineDocument;
import silentotter.app.engine.Engines;
import silentotter.app.job.JobDocument;
import silentotter.app.job.Jobs;
import silentotter.core.compression.PassKind;

/** Opens jobs: on an engine that is known or on a new one, with a first pass to type into; all of it or nothing. */
@Service
class NewJobs {
    private final Engines engines;
    private final Jobs jobs;
    private final Compression compression;

    NewJobs(Engines engines, Jobs jobs, Compression compression) {
        this.engines = engines;
        this.jobs = jobs;
        this.compression = compression;
    }

    /** @param engineId of a known engine; otherwise the document of a new one */
    @Transactional
    long add(Long engineId, EngineDocument engine, JobDocument job) {
        long id = jobs.add(engineId != null ? engineId : engines.add(engine), job);
        compression.restorePass(id, PassKind.DRY, ConditionsDocument.EMPTY);
        return id;
    }
}
