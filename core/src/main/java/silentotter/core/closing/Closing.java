package silentotter.core.closing;

import java.util.Objects;
import java.util.Optional;

/**
 * How a job ends.
 *
 * @param closedAt the moment at which it was closed, such as 2026-11-03T09:42:00Z; empty while it is open
 * @param practice whether it was a job to practise on: nothing is learnt from it
 * @param trial what was tried from this job on
 */
public record Closing(
        Optional<String> closedAt, Optional<OwnVerdict> own, Optional<Boolean> practice, Optional<TrialPlan> trial) {
    public static final Closing OPEN =
            new Closing(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    public Closing {
        closedAt = Objects.requireNonNullElse(closedAt, Optional.empty());
        own = Objects.requireNonNullElse(own, Optional.empty());
        trial = Objects.requireNonNullElse(trial, Optional.empty());
        practice = Objects.requireNonNullElse(practice, Optional.empty());
    }

    /** Whether it is done; no getter, so that results do not show it twice. */
    public boolean closed() {
        return closedAt.isPresent();
    }
}
