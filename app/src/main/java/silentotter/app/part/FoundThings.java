package silentotter.app.part;

import java.util.Collection;
import java.util.Map;
import silentotter.core.closing.Closing;
import silentotter.core.found.Found;

/** What was found on all jobs, whichever station keeps it. */
public interface FoundThings {
    record Ended(Found found, Closing closing) {}

    /** By job, of these only jobs of which anything is known. */
    Map<Long, Ended> ended(Collection<Long> jobs);
}
