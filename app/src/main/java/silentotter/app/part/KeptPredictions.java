package silentotter.app.part;

import java.util.Optional;
import silentotter.core.outcome.Prediction;

/** What was predicted of a job before its engine was opened, whichever station keeps it. */
public interface KeptPredictions {
    /** The one that counts; empty where none was kept. */
    Optional<Prediction> counting(long jobId);
}
