package silentotter.app.report;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import silentotter.app.casefile.CaseFiles;
import silentotter.app.casefile.CaseFiles.Copy;
import silentotter.app.job.Jobs;
import silentotter.app.part.JobPhotos;
import silentotter.app.plan.Plans;
import silentotter.app.sheet.AskedUnits;
import silentotter.app.sheet.Sheets;
import silentotter.app.shop.Choices;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.report.Letterhead;
import silentotter.core.report.Paper;
import silentotter.core.report.Report;
import silentotter.core.report.ReportWriter;
import silentotter.core.wording.Wording;

/** Reports of jobs as they now are. */
@Service
class Reports {
    /** Once the application is at rest after its start. */
    private static final int WARMED_AFTER_SECONDS = 10;

    private static final String NOTHING = """
            <html lang="en"><head><title>-</title><meta name="description" content="-"/><meta name="subject" content="-"/>
            </head><body><svg width="1px" height="1px" alt="-"/></body></html>""";

    private final Sheets sheets;
    private final Plans plans;
    private final Jobs jobs;
    private final ShownPhotos photos;
    private final Pictures pictures;
    private final CaseFiles caseFiles;
    private final Choices choices;
    private final AskedUnits asked;

    Reports(
            Sheets sheets,
            Plans plans,
            Jobs jobs,
            ShownPhotos photos,
            Pictures pictures,
            CaseFiles caseFiles,
            Choices choices,
            AskedUnits asked) {
        this.sheets = sheets;
        this.plans = plans;
        this.jobs = jobs;
        this.photos = photos;
        this.pictures = pictures;
        this.caseFiles = caseFiles;
        this.choices = choices;
        this.asked = asked;
    }

    /** The first PDF loads fonts and what draws them, which takes seconds: before anybody waits for it. */
    @EventListener(ApplicationReadyEvent.class)
    void warmUp() {
        CompletableFuture.runAsync(
                () -> ReportPdf.of(NOTHING, "-", new byte[0]),
                CompletableFuture.delayedExecutor(WARMED_AFTER_SECONDS, TimeUnit.SECONDS));
    }

    /** Who looks at a report will want its PDF: its photos are reduced meanwhile. */
    private void prepare(List<JobPhotos.Taken> taken) {
        if (!taken.isEmpty()) {
            CompletableFuture.runAsync(() -> taken.forEach(p -> pictures.reduce(p.key())));
        }
    }

    /** For a browser: photos come from their addresses. @param paper the shop's where nothing is said */
    ReportPage.Pages pages(long jobId, @Nullable Paper paper) {
        List<JobPhotos.Taken> taken = photos.of(jobId);
        prepare(taken);
        return page(
                        jobId,
                        paper,
                        taken,
                        key -> Optional.of("/api/photos/" + key),
                        "The PDF of this report carries the case file of this engine.")
                .pages();
    }

    Pdf pdf(long jobId, @Nullable Paper paper) {
        Copy copy = caseFiles.copy(jobId, Pdf.MOST_ATTACHED);
        String attached = "Attached: " + copy.name() + ", the case file of this engine"
                + (copy.whole() ? "." : ", without its photos, which are too large to be carried here.");
        ReportPage page = page(jobId, paper, photos.of(jobId), pictures::inline, attached);
        return Pdf.of(copy, "report", page.document());
    }

    /** @param address of a photo by its key; empty where it cannot be shown */
    private ReportPage page(
            long jobId,
            @Nullable Paper paper,
            List<JobPhotos.Taken> taken,
            Function<String, Optional<String>> address,
            String attached) {
        Interpretation said = sheets.interpretation(jobId);
        Letterhead letterhead = choices.letterhead();
        Wording wording = new Wording(said.engine(), asked.units());
        Report report = ReportWriter.write(said, plans.planOf(jobId), letterhead, jobs.revision(jobId), wording);
        List<ReportPage.Photo> shown = photos.shown(taken, said.engine(), address);
        Paper on = Optional.ofNullable(paper).orElse(letterhead.onPaper());
        return new ReportPage(report, new SectionDrawing(said), on, shown, attached);
    }
}
