package silentotter.app.casefile;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.casefile.CaseFile.CaseJob;
import silentotter.app.casefile.CaseFile.CaseLeakdown;
import silentotter.app.casefile.CaseFile.CasePass;
import silentotter.app.casefile.CaseFile.CasePhoto;
import silentotter.app.casefile.CaseFile.CaseReading;
import silentotter.app.compression.Compression;
import silentotter.app.compression.ReadingDocument;
import silentotter.app.compression.StoredPass;
import silentotter.app.engine.Engines;
import silentotter.app.engine.ServiceLogs;
import silentotter.app.examination.Examinations;
import silentotter.app.examination.Photos;
import silentotter.app.job.Jobs;
import silentotter.app.leakdown.Leakdown;
import silentotter.app.leakdown.Leakdown.StoredLeakdown;
import silentotter.app.leakdown.Testers;
import silentotter.app.sheet.Sheets;
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
    private final Sheets sheets;

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
            Sheets sheets) {
        this.reader = reader;
        this.engines = engines;
        this.jobs = jobs;
        this.compression = compression;
        this.leakdown = leakdown;
        this.testers = testers;
        this.examinations = examinations;
        this.photos = photos;
        this.serviceLogs = serviceLogs;
        this.sheets = sheets;
    }

    CaseFile export(long engineId) {
        List<CaseJob> caseJobs = jobs.ofEngine(engineId).stream()
                .map(id -> new CaseJob(
                        jobs.byId(id).job(),
                        nullIfEmpty(examinations.json(id)),
                        nullIfEmpty(photos.of(id).stream().map(this::photo).toList()),
                        compression.passes(id).stream().map(CaseFiles::pass).toList(),
                        nullIfEmpty(leakdown.readings(id).stream()
                                .map(this::leakdown)
                                .toList())))
                .toList();
        return new CaseFile(
                CaseFile.FORMAT,
                CaseFile.VERSION,
                engines.byId(engineId).engine(),
                nullIfEmpty(serviceLogs.of(engineId)),
                caseJobs);
    }

    private static <T> List<T> nullIfEmpty(List<T> list) {
        return list.isEmpty() ? null : list;
    }

    private static ObjectNode nullIfEmpty(ObjectNode node) {
        return node.isEmpty() ? null : node;
    }

    private CaseLeakdown leakdown(StoredLeakdown r) {
        return new CaseLeakdown(
                r.cylinder(), testers.byId(r.testerId()).tester(), r.reading(), r.setAside(), r.takenAt());
    }

    private CasePhoto photo(Photos.Photo p) {
        return new CasePhoto(
                p.part(),
                p.cylinder(),
                p.mediaType(),
                p.takenAt(),
                photos.byId(p.id()).content());
    }

    private static CasePass pass(StoredPass pass) {
        return new CasePass(
                pass.kind(),
                pass.conditions(),
                pass.readings().stream()
                        .map(r -> new CaseReading(
                                r.cylinder(), r.strokesKPa(), r.finalOnly(), r.oilMl(), r.setAside(), r.takenAt()))
                        .toList());
    }

    /**
     * Loads a file as a new engine with its jobs; all of it or nothing.
     *
     * @return the new jobs, in the order of the file
     */
    @Transactional
    public List<Long> load(String text) {
        CaseFile file = reader.read(text);
        long engineId = engines.add(file.engine());
        orEmpty(file.service()).forEach(e -> serviceLogs.restore(engineId, e));
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
                leakdown.restore(id, testers.same(r.tester()), r.cylinder(), r.reading(), r.setAside(), r.takenAt());
            }
            for (CasePass pass : job.compression()) {
                load(compression.restorePass(id, pass.kind(), pass.conditions()), pass);
            }
            sheets.changed(id);
            ids.add(id);
        }
        return ids;
    }

    private static <T> List<T> orEmpty(List<T> list) {
        return Objects.requireNonNullElse(list, List.of());
    }

    private void load(long passId, CasePass pass) {
        for (CaseReading r : pass.readings()) {
            compression.restoreReading(
                    passId,
                    new ReadingDocument(null, r.cylinder(), r.strokesKPa(), r.finalOnly(), r.oilMl()),
                    r.setAside(),
                    r.takenAt());
        }
    }
}
