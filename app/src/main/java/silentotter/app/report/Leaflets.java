package silentotter.app.report;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import silentotter.app.casefile.CaseFiles;
import silentotter.app.casefile.CaseFiles.Copy;
import silentotter.app.history.Histories;
import silentotter.app.part.JobPhotos;
import silentotter.app.part.KeptPredictions;
import silentotter.app.sheet.AskedUnits;
import silentotter.app.sheet.Sheets;
import silentotter.app.shop.Choices;
import silentotter.core.examination.Examination;
import silentotter.core.found.Outcome;
import silentotter.core.job.JobRecord;
import silentotter.core.outcome.Review;
import silentotter.core.report.BeforeAndAfter;
import silentotter.core.report.FoundSheet;
import silentotter.core.report.Leaflet;
import silentotter.core.report.Letterhead;
import silentotter.core.report.Paper;
import silentotter.core.wording.Wording;

/** What is handed over beside the report: before and after, and what was found; each carries the case file as the report does. */
@Service
class Leaflets {
    private static final int MOST_ATTACHED = 10_000_000;
    private static final int MOST_PHOTOS = 24;

    private final Sheets sheets;
    private final Histories histories;
    private final KeptPredictions predictions;
    private final JobPhotos photos;
    private final Pictures pictures;
    private final CaseFiles caseFiles;
    private final Choices choices;
    private final AskedUnits asked;

    Leaflets(
            Sheets sheets,
            Histories histories,
            KeptPredictions predictions,
            JobPhotos photos,
            Pictures pictures,
            CaseFiles caseFiles,
            Choices choices,
            AskedUnits asked) {
        this.sheets = sheets;
        this.histories = histories;
        this.predictions = predictions;
        this.photos = photos;
        this.pictures = pictures;
        this.caseFiles = caseFiles;
        this.choices = choices;
        this.asked = asked;
    }

    Reports.Pdf beforeAndAfter(long engineId, long before, long after, @Nullable Paper paper) {
        Histories.Pair pair = histories.pair(engineId, before, after);
        JobRecord record = sheets.record(after);
        Leaflet leaflet = BeforeAndAfter.write(
                record,
                pair.before(),
                pair.after(),
                pair.comparison(),
                choices.letterhead(),
                new Wording(record.engine(), asked.units()));
        return pdf(after, "-before-and-after", leaflet, paper, List.of());
    }

    Reports.Pdf found(long jobId, @Nullable Paper paper) {
        JobRecord record = sheets.record(jobId);
        Examination seen = record.last(Examination.class, Examination.EMPTY);
        Optional<Review> review = predictions
                .counting(jobId)
                .filter(p -> seen.found().begun())
                .map(p -> Review.of(p, Outcome.of(record.engine(), seen.found())));
        List<ReportPage.Photo> shown = photos.taken(jobId).stream()
                .limit(MOST_PHOTOS)
                .flatMap(p ->
                        pictures
                                .inline(p.key())
                                .map(at -> new ReportPage.Photo(at, Reports.caption(p, record.engine())))
                                .stream())
                .toList();
        Leaflet leaflet =
                FoundSheet.write(record, review, choices.letterhead(), new Wording(record.engine(), asked.units()));
        return pdf(jobId, "-found", leaflet, paper, shown);
    }

    private Reports.Pdf pdf(
            long jobId, String kind, Leaflet leaflet, @Nullable Paper paper, List<ReportPage.Photo> shown) {
        Letterhead letterhead = choices.letterhead();
        Paper on = Optional.ofNullable(paper).orElse(letterhead.onPaper());
        Copy copy = caseFiles.copy(jobId, MOST_ATTACHED);
        return new Reports.Pdf(
                copy.name().replaceAll("\\.case\\.json$", "") + kind + ".pdf",
                ReportPdf.of(new LeafletPage(leaflet, on, shown).document(), copy.name(), copy.content()));
    }
}
