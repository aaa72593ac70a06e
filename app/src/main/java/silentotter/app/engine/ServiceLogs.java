package silentotter.app.engine;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Journal;
import silentotter.app.storage.Documents;
import silentotter.core.input.Problems;
import silentotter.core.intake.ServiceDocument;
import silentotter.core.intake.ServiceLog;

/** The service logs of the engines. */
@Service
public class ServiceLogs {
    private static final int MOST = 5000;

    private final ServiceMapper mapper;
    private final Documents documents;
    private final Journal journal;

    ServiceLogs(ServiceMapper mapper, Documents documents, Journal journal) {
        this.mapper = mapper;
        this.documents = documents;
        this.journal = journal;
    }

    /** The entries of an engine, oldest first. */
    @Transactional(readOnly = true)
    public List<ServiceDocument> of(long engineId) {
        return mapper.ofEngine(engineId).stream()
                .map(d -> documents.read(d, ServiceDocument.class))
                .toList();
    }

    public ServiceLog log(List<ServiceDocument> entries) {
        return new ServiceLog(entries.stream()
                .flatMap(e -> e.read(new Problems(), "").stream())
                .toList());
    }

    /** Adds an entry in the course of a job. */
    @Transactional
    public void add(long jobId, long engineId, ServiceDocument entry) {
        Problems problems = new Problems();
        entry.read(problems, "");
        if (of(engineId).size() >= MOST) {
            problems.add("date", "this service log is full with " + MOST + " entries");
        }
        problems.throwIfAny();
        journal.step(jobId)
                .added("service_entry", restore(engineId, entry))
                .done(entry.kind().words() + " in the service log");
        journal.touchedJobsOfEngine(engineId);
    }

    /** Puts an entry from a file where it belongs; the caller has checked it. Not a step to undo. */
    @Transactional
    public long restore(long engineId, ServiceDocument entry) {
        return mapper.insert(engineId, entry.date(), documents.write(entry));
    }
}
