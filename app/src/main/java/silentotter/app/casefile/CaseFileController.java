package silentotter.app.casefile;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
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
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import silentotter.app.http.Attachment;
import silentotter.app.http.NotFound;
import silentotter.app.job.Jobs;
import silentotter.app.part.CsvPart;
import silentotter.app.part.FileText;
import silentotter.app.progress.Progress;

/** Files out and in: a whole case, or the readings of one part as comma-separated values. */
@RestController
class CaseFileController {
    private final CaseFiles caseFiles;
    private final Map<String, CsvPart> parts;
    private final Jobs jobs;
    private final Export export;
    private final Progress underWay;

    CaseFileController(CaseFiles caseFiles, Export export, List<CsvPart> parts, Jobs jobs, Progress underWay) {
        this.export = export;
        this.caseFiles = caseFiles;
        this.parts = parts.stream().collect(Collectors.toMap(CsvPart::name, Function.identity()));
        this.jobs = jobs;
        this.underWay = underWay;
    }

    record Loaded(List<Long> jobIds) {}

    /** The engine of a job with all its jobs, as a file. */
    @GetMapping("/api/jobs/{id}/case-file")
    ResponseEntity<String> export(@PathVariable long id) {
        CaseFile file = caseFiles.export(id);
        return Attachment.of(file.fileName(), MediaType.APPLICATION_JSON, caseFiles.written(file));
    }

    /** Everything of this shop: case files, comma-separated values and a copy of the database. */
    @GetMapping(path = "/api/shop/export.zip", produces = "application/zip")
    ResponseEntity<StreamingResponseBody> everything() {
        return Attachment.of("silent-otter-export.zip", MediaType.parseMediaType("application/zip"), export::write);
    }

    /** @param progress a key of the sender's, under which it can look how far this is and give it up */
    @PostMapping(path = "/api/case-files", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    Loaded load(@RequestBody byte[] content, @RequestParam(required = false) String progress) {
        try (Progress.Work work = underWay.begin(progress)) {
            return new Loaded(caseFiles.load(FileText.of(content), work));
        }
    }

    @GetMapping(
            path = {"/api/jobs/{id}/{part}.csv", "/api/jobs/{id}/{part}/readings.csv"},
            produces = "text/csv")
    ResponseEntity<String> exportCsv(@PathVariable long id, @PathVariable String part) {
        return Attachment.of(
                FileText.name(jobs.engineOf(id).name()) + "-" + part + ".csv",
                MediaType.parseMediaType("text/csv"),
                part(part).csv(id));
    }

    /** Adds what a file holds to the job; nothing that is there is touched. All of it or nothing. */
    @PostMapping(
            path = {"/api/jobs/{id}/{part}.csv", "/api/jobs/{id}/{part}/readings.csv"},
            consumes = "text/csv")
    @ResponseStatus(HttpStatus.CREATED)
    Loaded loadCsv(
            @PathVariable long id,
            @PathVariable String part,
            @RequestBody byte[] content,
            @RequestParam(required = false) String progress) {
        try (Progress.Work work = underWay.begin(progress)) {
            part(part).addCsv(id, jobs.engineOf(id), content, work);
        }
        return new Loaded(List.of(id));
    }

    private CsvPart part(String name) {
        if (!parts.containsKey(name)) {
            throw new NotFound("There is nothing called '" + name + "' that goes out as comma-separated values.");
        }
        return parts.get(name);
    }
}
