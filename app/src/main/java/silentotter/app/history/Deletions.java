package silentotter.app.history;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Journal;
import silentotter.app.engine.Engines;
import silentotter.app.job.Jobs;
import silentotter.app.storage.Erasure;
import silentotter.core.input.InvalidInput;

/** What somebody asks to have deleted is deleted, and not only hidden. It cannot be undone, so its name has to be said. */
@Service
class Deletions {
    private final Engines engines;
    private final Jobs jobs;
    private final Erasure erasure;
    private final Journal journal;

    Deletions(Engines engines, Jobs jobs, Erasure erasure, Journal journal) {
        this.engines = engines;
        this.jobs = jobs;
        this.erasure = erasure;
        this.journal = journal;
    }

    /** An engine with all its jobs. @param name of the engine, as it stands */
    @Transactional
    public void engine(long id, String name) {
        needs(name, engines.byId(id).engine().name());
        erasure.erase("engine", id);
        journal.gone();
    }

    /** One job. @param name of its engine, as it stands */
    @Transactional
    public void job(long id, String name) {
        needs(name, engines.byId(jobs.byId(id).engineId()).engine().name());
        erasure.erase("job", id);
        journal.gone();
    }

    private static void needs(String said, String name) {
        if (!said.strip().equals(name)) {
            throw InvalidInput.at("name", "is not the name of this engine; nothing was deleted", name);
        }
    }
}
