package silentotter.app.casefile;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import silentotter.app.casefile.ReadingsCsv.CsvPass;
import silentotter.app.compression.Compression;
import silentotter.app.engine.EngineDocument;
import silentotter.app.engine.EngineReader;
import silentotter.app.engine.Engines;
import silentotter.app.examination.Examinations;
import silentotter.app.job.Jobs;
import silentotter.app.leakdown.Leakdown;
import silentotter.app.leakdown.Testers;
import silentotter.app.leakdown.Testers.StoredTester;
import silentotter.app.sheet.Sheets;
import silentotter.core.engine.Engine;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
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
    private final Sheets sheets;
    private final JsonMapper json;

    CaseFileController(
            CaseFiles caseFiles,
            Compression compression,
            Examinations examinations,
            Leakdown leakdown,
            Testers testers,
            Engines engines,
            Jobs jobs,
            Sheets sheets,
            JsonMapper json) {
        this.caseFiles = caseFiles;
        this.compression = compression;
        this.examinations = examinations;
        this.leakdown = leakdown;
        this.testers = testers;
        this.engines = engines;
        this.jobs = jobs;
        this.sheets = sheets;
        this.json = json;
    }

    record Loaded(List<Long> jobIds) {}

    /** The engine of a job with all its jobs, as a file. */
    @GetMapping("/api/jobs/{id}/case-file")
    ResponseEntity<String> export(@PathVariable long id) {
        CaseFile file = caseFiles.export(jobs.byId(id).engineId());
        return attachment(
                fileName(file.engine().name()) + ".case.json",
                MediaType.APPLICATION_JSON,
                json.writerWithDefaultPrettyPrinter().writeValueAsString(file));
    }

    @PostMapping(path = "/api/case-files", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    Loaded load(@RequestBody String text) {
        return new Loaded(caseFiles.load(text));
    }

    @GetMapping(path = "/api/jobs/{id}/compression/readings.csv", produces = "text/csv")
    ResponseEntity<String> exportReadings(@PathVariable long id) {
        return attachment(
                fileName(engineOf(id).name()) + "-compression.csv",
                MediaType.parseMediaType("text/csv"),
                ReadingsCsv.write(compression.passes(id)));
    }

    /** Adds the readings of a file as new passes of the job; nothing that is there is touched. */
    @Transactional
    @PostMapping(path = "/api/jobs/{id}/compression/readings.csv", consumes = "text/csv")
    @ResponseStatus(HttpStatus.CREATED)
    Loaded loadReadings(@PathVariable long id, @RequestBody String text) {
        Engine engine = EngineReader.read(engineOf(id));
        for (CsvPass pass : ReadingsCsv.read(text)) {
            compression.addWholePass(id, engine, pass.kind(), pass.readings());
        }
        sheets.changed(id);
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
    @Transactional
    @PostMapping(path = "/api/jobs/{id}/examination.csv", consumes = "text/csv")
    @ResponseStatus(HttpStatus.CREATED)
    Loaded loadExamination(@PathVariable long id, @RequestBody String text) {
        Engine engine = EngineReader.read(engineOf(id));
        ExaminationCsv.read(text).forEach((part, patch) -> examinations.change(id, engine, part, patch));
        sheets.changed(id);
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
    @Transactional
    @PostMapping(path = "/api/jobs/{id}/leakdown/readings.csv", consumes = "text/csv")
    @ResponseStatus(HttpStatus.CREATED)
    Loaded loadLeakdown(@PathVariable long id, @RequestBody String text) {
        Engine engine = EngineReader.read(engineOf(id));
        Problems problems = new Problems();
        List<StoredTester> known = testers.all();
        for (LeakdownCsv.Line line : LeakdownCsv.read(text)) {
            Optional<StoredTester> tester = known.stream()
                    .filter(t -> t.tester().name().equalsIgnoreCase(line.tester()))
                    .findFirst();
            if (tester.isEmpty()) {
                problems.add(line.at(), "there is no tester '" + line.tester() + "' in this shop; add it first");
                continue;
            }
            try {
                leakdown.addFiled(
                        id,
                        engine,
                        tester.get().id(),
                        line.cylinder(),
                        line.reading(),
                        line.setAside().orElse(null));
            } catch (InvalidInput e) {
                e.problems().forEach(p -> problems.add(new FieldProblem(line.at(), p.message(), p.allowed())));
            }
        }
        problems.throwIfAny();
        sheets.changed(id);
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
