package silentotter.app.report;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import silentotter.app.casefile.CaseFiles;
import silentotter.app.casefile.CaseFiles.Copy;
import silentotter.app.job.Jobs;
import silentotter.app.part.JobPhotos;
import silentotter.app.plan.Plans;
import silentotter.app.sheet.AskedUnits;
import silentotter.app.sheet.Sheets;
import silentotter.app.shop.Choices;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.report.Letterhead;
import silentotter.core.report.Paper;
import silentotter.core.report.Report;
import silentotter.core.report.ReportWriter;
import silentotter.core.wording.Say;
import silentotter.core.wording.Wording;

/** Reports of jobs as they now are. */
@Service
class Reports {
    /** A PDF is sent by mail; what is larger goes without the photos, which it shows. */
    private static final int MOST_ATTACHED = 10_000_000;

    private static final int MOST_PHOTOS = 24;

    private static final String NOTHING = """
            <html lang="en"><head><title>-</title><meta name="description" content="-"/><meta name="subject" content="-"/>
            </head><body><svg width="1px" height="1px" alt="-"/></body></html>""";

    private final Sheets sheets;
    private final Plans plans;
    private final Jobs jobs;
    private final JobPhotos photos;
    private final Pictures pictures;
    private final CaseFiles caseFiles;
    private final Choices choices;
    private final AskedUnits asked;
    private final AtomicBoolean warm = new AtomicBoolean();

    Reports(
            Sheets sheets,
            Plans plans,
            Jobs jobs,
            JobPhotos photos,
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

    /** Who looks at a report will want its PDF: what the first one loads is loaded meanwhile, and its photos are reduced. */
    private void prepare(List<JobPhotos.Taken> taken) {
        boolean first = warm.compareAndSet(false, true);
        if (first || !taken.isEmpty()) {
            CompletableFuture.runAsync(() -> {
                if (first) {
                    ReportPdf.of(NOTHING, "-", new byte[0]);
                }
                taken.forEach(p -> pictures.reduce(p.key()));
            });
        }
    }

    /** A report that can be saved. */
    record Pdf(String name, byte[] content) {}

    /** For a browser: photos come from their addresses. @param paper the shop's where nothing is said */
    ReportPage.Pages pages(long jobId, @Nullable Paper paper) {
        List<JobPhotos.Taken> taken = taken(jobId);
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
        Copy copy = caseFiles.copy(jobId, MOST_ATTACHED);
        String attached = "Attached: " + copy.name() + ", the case file of this engine"
                + (copy.whole() ? "." : ", without its photos, which are too large to be carried here.");
        ReportPage page = page(jobId, paper, taken(jobId), pictures::inline, attached);
        return new Pdf(
                copy.name().replaceAll("\\.case\\.json$", "") + "-report.pdf",
                ReportPdf.of(page.document(), copy.name(), copy.content()));
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
        List<ReportPage.Photo> shown = taken.parallelStream()
                .flatMap(p ->
                        address.apply(p.key()).map(at -> new ReportPage.Photo(at, caption(p, said.engine()))).stream())
                .toList();
        Paper on = Optional.ofNullable(paper).orElse(letterhead.onPaper());
        return new ReportPage(report, new SectionDrawing(said), on, shown, attached);
    }

    private List<JobPhotos.Taken> taken(long jobId) {
        return photos.taken(jobId).stream().limit(MOST_PHOTOS).toList();
    }

    static String caption(JobPhotos.Taken photo, Engine engine) {
        String of = photo.cylinder() == 0
                ? ", the engine"
                : ", cylinder " + engine.label(CylinderNumber.of(photo.cylinder()));
        return Say.sentence(photo.subject()) + of + ", " + photo.takenAt().substring(0, 10);
    }
}
