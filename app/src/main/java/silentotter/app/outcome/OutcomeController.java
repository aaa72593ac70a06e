package silentotter.app.outcome;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import silentotter.app.shop.Choices;
import silentotter.app.shop.Choices.LessonLearnt;
import silentotter.core.finding.LearningUse;
import silentotter.core.learning.Lesson;
import silentotter.core.outcome.PastJob;
import silentotter.core.outcome.Review;
import silentotter.core.outcome.Review.ReviewVerdict;
import silentotter.core.outcome.ShopRecord;
import silentotter.core.wording.Worded;

/** How the shop's predictions came out, and what it learnt from that. */
@RestController
record OutcomeController(PastJobs past, Families families, Choices choices) {
    /** @param practice whether it was a job to practise on: shown, and it counts for nothing */
    record PastLine(long job, String name, boolean practice, ReviewVerdict verdict, String inWords) implements Worded {}

    /** @param copies how many jobs were here already when their case file was loaded; they count once */
    record RecordView(ShopRecord record, int copies, List<PastLine> jobs) {}

    /**
     * @param now what the outcomes teach as of now
     * @param learnt what was taken over, newest first
     * @param use whether verdicts use it
     */
    record LearningView(Lesson now, List<LessonLearnt> learnt, LearningUse use) {}

    record Use(LearningUse use) {}

    @GetMapping("/api/shop/record")
    RecordView record() {
        PastJobs.Once once = past.once();
        return new RecordView(
                ShopRecord.of(once.jobs()),
                once.copies(),
                once.jobs().stream().map(OutcomeController::line).toList());
    }

    private static PastLine line(PastJob job) {
        Review review = job.review();
        return new PastLine(job.job(), job.name(), job.practice(), review.verdict(), review.inWords());
    }

    /** What fails on engines of one make and type. */
    @GetMapping("/api/families/{name}")
    Families.FamilyView family(@PathVariable String name) {
        return families.family(name);
    }

    @GetMapping("/api/shop/learning")
    LearningView learning() {
        return new LearningView(past.lesson(), choices.lessons(), choices.learningUse());
    }

    /** Takes over what the outcomes teach now: every verdict from here on stands on it. */
    @PostMapping("/api/shop/learning")
    LearningView learn() {
        past.learn();
        return learning();
    }

    /** Takes back what was taken over last. */
    @PostMapping("/api/shop/learning/undo")
    LearningView unlearn() {
        past.unlearn();
        return learning();
    }

    /** Whether verdicts stand on what was learnt. */
    @PutMapping("/api/shop/learning/use")
    LearningView use(@RequestBody Use body) {
        choices.lead(body.use());
        return learning();
    }
}
