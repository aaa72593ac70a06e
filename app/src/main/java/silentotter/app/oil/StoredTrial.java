package silentotter.app.oil;

import org.jspecify.annotations.Nullable;
import silentotter.core.oil.OilTrialDocument;

/** A trial as it is kept. @param id 0 where it comes from a file */
record StoredTrial(
        long id, OilTrialDocument trial, @Nullable String setAside) {}
