package silentotter.app.casefile;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import silentotter.app.casefile.CaseFile.CaseJob;
import silentotter.app.casefile.CaseFile.CaseLeakdown;
import silentotter.app.casefile.CaseFile.CasePass;
import silentotter.app.casefile.CaseFile.CasePhoto;
import silentotter.app.casefile.CaseFile.CaseReading;
import silentotter.app.change.Corrections;
import silentotter.app.compression.Compression;
import silentotter.app.compression.Compression.FiledReading;
import silentotter.app.compression.ConditionsDocument;
import silentotter.app.compression.StoredPass;
import silentotter.app.engine.Engines;
import silentotter.app.engine.ServiceLogs;
import silentotter.app.examination.Examinations;
import silentotter.app.examination.Photos;
import silentotter.app.job.Jobs;
import silentotter.app.leakdown.Leakdown;
import silentotter.app.leakdown.TesterDocument;
import silentotter.app.leakdown.Testers;
import silentotter.app.progress.Progress.Work;
import silentotter.core.compression.PassKind;
import tools.jackson.databind.node.ObjectNode;

/** Takes a case away as a file and loads one from elsewhere. */
@Service
public class CaseFiles {
    private final CaseFileReader reader;
    private final Engines engines;
    private final Jobs jobs;
    private final Compression compression;
    private final Leakdown leakdown;
    private final Testers testers;
    private final Examinations examinations;
    private final Photos photos;
    private final ServiceLogs serviceLogs;
    private final Corrections corrections;
    private final TransactionTemplate writing;
    private final TransactionTemplate reading;

    CaseFiles(
            CaseFileReader reader,
            Engines engines,
            Jobs jobs,
            Compression compression,
            Leakdown leakdown,
            Testers testers,
            Examinations examinations,
            Photos photos,
            ServiceLogs serviceLogs,
            Corrections corrections,
            PlatformTransactionManager transactions) {
        this.reader = reader;
        this.engines = engines;
        this.jobs = jobs;
        this.compression = compression;
        this.leakdown = leakdown;
        this.testers = testers;
        this.examinations = examinations;
        this.photos = photos;
        this.serviceLogs = serviceLogs;
        this.corrections = corrections;
        this.writing = new TransactionTemplate(transactions);
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
    }

    /** The engine of a job with all its jobs, as of one moment. */
    CaseFile export(long jobId) {
        return reading.execute(t -> exported(jobs.byId(jobId).engineId()));
    }

    private CaseFile exported(long engineId) {
        Map<Long, TesterDocument> known = new HashMap<>();
        testers.all().forEach(t -> known.put(t.id(), t.tester()));
        List<CaseJob> caseJobs = jobs.ofEngine(engineId).stream()
                .map(id -> new CaseJob(
                        jobs.read(jobs.byId(id)).document(),
                        nullIfEmpty(examinations.of(id).json()),
                        nullIfEmpty(photos.of(id).stream().map(this::photo).toList()),
                        compression.passes(id).stream().map(CaseFiles::pass).toList(),
                        nullIfEmpty(leakdown.readings(id).stream()
                                .map(r -> new CaseLeakdown(
                                        r.cylinder(), known.get(r.testerId()), r.reading(), r.setAside(), r.takenAt()))
                                .toList()),
                        nullIfEmpty(corrections.of(id))))
                .toList();
        return new CaseFile(
                CaseFile.FORMAT,
                CaseFile.VERSION,
                engines.read(engines.byId(engineId)).document(),
                nullIfEmpty(serviceLogs.of(engineId)),
                caseJobs);
    }

    private static <T> List<T> nullIfEmpty(List<T> list) {
        return list.isEmpty() ? null : list;
    }

    private static ObjectNode nullIfEmpty(ObjectNode node) {
        return node.isEmpty() ? null : node;
    }

    private CasePhoto photo(Photos.Photo p) {
        return new CasePhoto(
                p.part(),
                p.cylinder(),
                p.mediaType(),
                p.takenAt(),
                photos.byKey(p.key()).content());
    }

    private static CasePass pass(StoredPass pass) {
        return new CasePass(
                pass.kind(),
                pass.conditions(),
                nullIfEmpty(pass.settled()),
                pass.readings().stream()
                        .map(r -> new CaseReading(
                                r.cylinder(), r.strokesKPa(), r.finalOnly(), r.oilMl(), r.setAside(), r.takenAt()))
                        .toList());
    }

    /**
     * Loads a file as a new engine with its jobs; all of it or nothing. The file is read and checked before anything is
     * held up by it; only putting its readings in is one transaction.
     *
     * @param done told how far it has come; may throw to give up
     * @return the new jobs, in the order of the file
     */
    public List<Long> load(String text, Work done) {
        CaseFile file = reader.read(text);
        done.outOf(file.jobs().stream()
                .flatMap(j -> j.compression().stream())
                .mapToInt(p -> p.readings().size())
                .sum());
        return writing.execute(t -> stored(file, done));
    }

    private List<Long> stored(CaseFile file, Work done) {
        long engineId = engines.add(file.engine());
        orEmpty(file.service()).forEach(e -> serviceLogs.restore(engineId, e));
        Map<TesterDocument, Long> testerIds = new HashMap<>();
        List<Long> ids = new ArrayList<>();
        for (CaseJob job : file.jobs()) {
            long id = jobs.add(engineId, job.job());
            if (job.examination() != null) {
                examinations.restore(id, job.examination());
            }
            for (CasePhoto p : orEmpty(job.photos())) {
                photos.restore(id, p.part(), p.cylinder(), p.mediaType(), p.content(), p.takenAt());
            }
            for (CaseLeakdown r : orEmpty(job.leakdown())) {
                long tester = testerIds.computeIfAbsent(r.tester(), testers::same);
                leakdown.restore(id, tester, r.cylinder(), r.reading(), r.setAside(), r.takenAt());
            }
            for (CasePass pass : job.compression()) {
                load(compression.restorePass(id, pass.kind(), pass.conditions(), orEmpty(pass.settled())), pass, done);
            }
            // A sheet needs a pass to type into.
            if (job.compression().isEmpty()) {
                compression.restorePass(id, PassKind.DRY, ConditionsDocument.EMPTY);
            }
            orEmpty(job.corrections()).forEach(c -> corrections.restore(id, c));
            ids.add(id);
        }
        return ids;
    }

    private static <T> List<T> orEmpty(List<T> list) {
        return Objects.requireNonNullElse(list, List.of());
    }

    private void load(long passId, CasePass pass, Work done) {
        compression.restoreReadings(
                passId,
                pass.readings().stream()
                        .map(r -> new FiledReading(
                                "", r.asDocument(), Optional.ofNullable(r.setAside()), Optional.of(r.takenAt())))
                        .toList(),
                done);
    }
}
