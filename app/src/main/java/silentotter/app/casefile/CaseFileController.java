package silentotter.app.casefile;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import silentotter.app.compression.Compression;
import silentotter.app.engine.EngineDocument;
import silentotter.app.engine.Engines;
import silentotter.app.examination.Examinations;
import silentotter.app.job.Jobs;
import silentotter.app.leakdown.Leakdown;
import silentotter.app.leakdown.Testers;
import silentotter.app.leakdown.Testers.StoredTester;
import silentotter.app.progress.Progress;
import tools.jackson.databind.json.JsonMapper;

@RestController
class CaseFileController {
    private final CaseFiles caseFiles;
    private final Compression compression;
    private final Examinations examinations;
    private final Leakdown leakdown;
    private final Testers testers;
    private final Engines engines;
    private final Jobs jobs;
    private final CsvLoads loaded;
    private final Progress underWay;
    private final JsonMapper json;

    CaseFileController(
            CaseFiles caseFiles,
            Compression compression,
            Examinations examinations,
            Leakdown leakdown,
            Testers testers,
            Engines engines,
            Jobs jobs,
            CsvLoads loaded,
            Progress underWay,
            JsonMapper json) {
        this.caseFiles = caseFiles;
        this.compression = compression;
        this.examinations = examinations;
        this.leakdown = leakdown;
        this.testers = testers;
        this.engines = engines;
        this.jobs = jobs;
        this.loaded = loaded;
        this.underWay = underWay;
        this.json = json;
    }

    record Loaded(List<Long> jobIds) {}

    /** The engine of a job with all its jobs, as a file. */
    @GetMapping("/api/jobs/{id}/case-file")
    ResponseEntity<String> export(@PathVariable long id) {
        CaseFile file = caseFiles.export(id);
        return attachment(
                fileName(file.engine().name()) + ".case.json",
                MediaType.APPLICATION_JSON,
                json.writerWithDefaultPrettyPrinter().writeValueAsString(file));
    }

    /** @param progress a key of the sender's, under which it can look how far this is and give it up */
    @PostMapping(path = "/api/case-files", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    Loaded load(@RequestBody byte[] content, @RequestParam(required = false) String progress) {
        try (Progress.Work work = underWay.begin(progress)) {
            return new Loaded(caseFiles.load(FileText.of(content), work));
        }
    }

    @GetMapping(path = "/api/jobs/{id}/compression/readings.csv", produces = "text/csv")
    ResponseEntity<String> exportReadings(@PathVariable long id) {
        return attachment(
                fileName(engineOf(id).name()) + "-compression.csv",
                MediaType.parseMediaType("text/csv"),
                ReadingsCsv.write(compression.passes(id)));
    }

    /** Adds the readings of a file as new passes of the job; nothing that is there is touched. */
    @PostMapping(path = "/api/jobs/{id}/compression/readings.csv", consumes = "text/csv")
    @ResponseStatus(HttpStatus.CREATED)
    Loaded loadReadings(
            @PathVariable long id, @RequestBody byte[] content, @RequestParam(required = false) String progress) {
        try (Progress.Work work = underWay.begin(progress)) {
            loaded.readings(id, ReadingsCsv.read(content), work);
        }
        return new Loaded(List.of(id));
    }

    @GetMapping(path = "/api/jobs/{id}/examination.csv", produces = "text/csv")
    ResponseEntity<String> exportExamination(@PathVariable long id) {
        return attachment(
                fileName(engineOf(id).name()) + "-examination.csv",
                MediaType.parseMediaType("text/csv"),
                ExaminationCsv.write(examinations.json(id)));
    }

    /** Merges the findings of a file into the examination of the job; all of them or none. */
    @PostMapping(path = "/api/jobs/{id}/examination.csv", consumes = "text/csv")
    @ResponseStatus(HttpStatus.CREATED)
    Loaded loadExamination(@PathVariable long id, @RequestBody byte[] content) {
        loaded.findings(id, ExaminationCsv.read(content));
        return new Loaded(List.of(id));
    }

    @GetMapping(path = "/api/jobs/{id}/leakdown/readings.csv", produces = "text/csv")
    ResponseEntity<String> exportLeakdown(@PathVariable long id) {
        Map<Long, String> names = testers.all().stream()
                .collect(Collectors.toMap(StoredTester::id, t -> t.tester().name()));
        return attachment(
                fileName(engineOf(id).name()) + "-leakdown.csv",
                MediaType.parseMediaType("text/csv"),
                LeakdownCsv.write(leakdown.readings(id), names));
    }

    /** Adds the readings of a file; each names a tester that this shop has. All of them or none. */
    @PostMapping(path = "/api/jobs/{id}/leakdown/readings.csv", consumes = "text/csv")
    @ResponseStatus(HttpStatus.CREATED)
    Loaded loadLeakdown(@PathVariable long id, @RequestBody byte[] content) {
        loaded.leakdown(id, LeakdownCsv.read(content));
        return new Loaded(List.of(id));
    }

    private EngineDocument engineOf(long jobId) {
        return engines.byId(jobs.byId(jobId).engineId()).engine();
    }

    private static ResponseEntity<String> attachment(String name, MediaType type, String body) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .contentType(type)
                .body(body);
    }

    private static String fileName(String engineName) {
        String plain = engineName.toLowerCase().replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        return plain.isEmpty() ? "engine" : plain;
    }
}
