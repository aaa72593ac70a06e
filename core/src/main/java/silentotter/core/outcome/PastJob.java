package silentotter.core.outcome;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import silentotter.core.found.Outcome;

/**
 * A job whose engine was opened or mended.
 *
 * @param job number of the job
 * @param name what to call it on a page: engine and date
 * @param practice whether it was a job to practise on
 * @param review what became of the prediction
 */
public record PastJob(long job, String name, boolean practice, Prediction prediction, Outcome outcome, Review review) {
    public PastJob(long job, String name, boolean practice, Prediction prediction, Outcome outcome) {
        this(job, name, practice, prediction, outcome, Review.of(prediction, outcome));
    }

    /**
     * Each prediction once: it was kept at one moment of one job, so another job with the same one was loaded from a file
     * that was here already. Of those the one counts of which most is known.
     */
    public static List<PastJob> withoutCopies(List<PastJob> all) {
        Map<Prediction, PastJob> once = new LinkedHashMap<>();
        all.forEach(job -> once.merge(
                job.prediction(),
                job,
                (a, b) -> b.outcome().known().size() > a.outcome().known().size() ? b : a));
        return List.copyOf(once.values());
    }
}
