package silentotter.app.oil;

import org.jspecify.annotations.Nullable;
import silentotter.core.oil.OilEntryDocument;

/** A line of an oil log as it is kept. @param id 0 where it comes from a file */
record StoredOilEntry(
        long id, OilEntryDocument entry, @Nullable String setAside) {}
