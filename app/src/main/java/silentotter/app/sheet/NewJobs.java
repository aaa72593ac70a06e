package silentotter.app.sheet;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.engine.Engines;
import silentotter.app.job.Jobs;
import silentotter.app.part.JobPart;
import silentotter.core.engine.EngineDocument;
import silentotter.core.job.JobDocument;

/** Opens jobs: on an engine that is known or on a new one, with what each part begins with; all of it or nothing. */
@Service
public class NewJobs {
    private final Engines engines;
    private final Jobs jobs;
    private final List<JobPart<?>> parts;

    NewJobs(Engines engines, Jobs jobs, List<JobPart<?>> parts) {
        this.engines = engines;
        this.jobs = jobs;
        this.parts = parts;
    }

    /** @param engineId of a known engine; otherwise the document of a new one. A known one stays its owner's. */
    @Transactional
    public long add(Long engineId, EngineDocument engine, JobDocument job) {
        long of = engineId != null ? engineId : engines.add(engine);
        JobDocument belonging = jobs.ofEngine(of).stream()
                .reduce((earlier, later) -> later)
                .map(before -> job.belongingTo(jobs.byId(before).job()))
                .orElse(job);
        long id = jobs.add(of, belonging);
        parts.forEach(p -> p.begin(id));
        return id;
    }
}
