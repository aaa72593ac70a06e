package silentotter.app.report;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import silentotter.app.casefile.CaseFiles;
import silentotter.app.history.Histories;
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
    private final Sheets sheets;
    private final Histories histories;
    private final KeptPredictions predictions;
    private final ShownPhotos photos;
    private final CaseFiles caseFiles;
    private final Choices choices;
    private final AskedUnits asked;

    Leaflets(
            Sheets sheets,
            Histories histories,
            KeptPredictions predictions,
            ShownPhotos photos,
            CaseFiles caseFiles,
            Choices choices,
            AskedUnits asked) {
        this.sheets = sheets;
        this.histories = histories;
        this.predictions = predictions;
        this.photos = photos;
        this.caseFiles = caseFiles;
        this.choices = choices;
        this.asked = asked;
    }

    Pdf beforeAndAfter(long engineId, long before, long after, @Nullable Paper paper) {
        Histories.Pair pair = histories.pair(engineId, before, after);
        JobRecord record = sheets.record(after);
        Leaflet leaflet = BeforeAndAfter.write(
                record,
                pair.before(),
                pair.after(),
                pair.comparison(),
                choices.letterhead(),
                new Wording(record.engine(), asked.units()));
        return pdf(after, "before-and-after", leaflet, paper, List.of());
    }

    Pdf found(long jobId, @Nullable Paper paper) {
        JobRecord record = sheets.record(jobId);
        Examination seen = record.last(Examination.class, Examination.EMPTY);
        Optional<Review> review = predictions
                .counting(jobId)
                .filter(p -> seen.found().begun())
                .map(p -> Review.of(p, Outcome.of(record.engine(), seen.found())));
        Leaflet leaflet =
                FoundSheet.write(record, review, choices.letterhead(), new Wording(record.engine(), asked.units()));
        return pdf(jobId, "found", leaflet, paper, photos.inline(jobId, record.engine()));
    }

    private Pdf pdf(long jobId, String kind, Leaflet leaflet, @Nullable Paper paper, List<ReportPage.Photo> shown) {
        Letterhead letterhead = choices.letterhead();
        Paper on = Optional.ofNullable(paper).orElse(letterhead.onPaper());
        return Pdf.of(caseFiles.copy(jobId, Pdf.MOST_ATTACHED), kind, new LeafletPage(leaflet, on, shown).document());
    }
}
