package silentotter.core.outcome;

import silentotter.core.found.Outcome;

/**
 * A job whose engine was opened or mended.
 *
 * @param job number of the job
 * @param name what to call it on a page: engine and date
 * @param practice whether it was a job to practise on
 */
public record PastJob(long job, String name, boolean practice, Prediction prediction, Outcome outcome) {
    public Review review() {
        return Review.of(prediction, outcome);
    }
}
