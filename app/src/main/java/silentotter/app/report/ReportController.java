package silentotter.app.report;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import silentotter.app.casefile.CaseFiles;
import silentotter.app.part.FileText;
import silentotter.app.progress.Progress;
import silentotter.app.shop.Choices;
import silentotter.core.report.Letterhead;
import silentotter.core.report.Paper;

/** The report of a job as a page and as a PDF, a PDF taken in again, and how this shop signs. */
@RestController
record ReportController(Reports reports, Leaflets leaflets, CaseFiles caseFiles, Progress underWay, Choices choices) {
    record Loaded(List<Long> jobIds) {}

    /** The same page that the PDF has, for the screen and for the browser's print. */
    @GetMapping("/api/jobs/{id}/report")
    ReportPage.Pages pages(@PathVariable long id, @RequestParam(required = false) @Nullable Paper paper) {
        return reports.pages(id, paper);
    }

    @GetMapping(path = "/api/jobs/{id}/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable long id, @RequestParam(required = false) @Nullable Paper paper) {
        return inline(reports.pdf(id, paper));
    }

    /** What was found when the engine was opened, beside what had been said of it. */
    @GetMapping(path = "/api/jobs/{id}/found.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> found(@PathVariable long id, @RequestParam(required = false) @Nullable Paper paper) {
        return inline(leaflets.found(id, paper));
    }

    /** Two visits of an engine on one sheet. */
    @GetMapping(path = "/api/engines/{id}/comparison.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> beforeAndAfter(
            @PathVariable long id,
            @RequestParam long before,
            @RequestParam long after,
            @RequestParam(required = false) @Nullable Paper paper) {
        return inline(leaflets.beforeAndAfter(id, before, after, paper));
    }

    private static ResponseEntity<byte[]> inline(Pdf pdf) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + pdf.name() + "\"")
                .contentType(MediaType.APPLICATION_PDF)
                .body(pdf.content());
    }

    /** A report is as good as the case file that it carries. */
    @PostMapping(path = "/api/case-files", consumes = MediaType.APPLICATION_PDF_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    Loaded load(@RequestBody byte[] pdf, @RequestParam(required = false) @Nullable String progress) {
        try (Progress.Work work = underWay.begin(progress)) {
            return new Loaded(caseFiles.load(FileText.of(ReportPdf.attached(pdf)), work));
        }
    }

    @GetMapping("/api/shop/letterhead")
    Letterhead letterhead() {
        return choices.letterhead();
    }

    /** Counts for all reports from now on. */
    @PutMapping("/api/shop/letterhead")
    Letterhead sign(@RequestBody Letterhead letterhead) {
        choices.sign(letterhead);
        return choices.letterhead();
    }
}
