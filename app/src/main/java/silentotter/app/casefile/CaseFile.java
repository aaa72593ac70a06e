package silentotter.app.casefile;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import silentotter.core.engine.EngineDocument;
import silentotter.core.intake.ServiceDocument;

/**
 * One engine with all its jobs and readings, as docs/case-file.schema.json describes it.
 *
 * @param jobs each with its {@code job} and what its parts hold, by their names; version 1 had fewer parts
 */
record CaseFile(
        String format,
        int version,
        EngineDocument engine,
        @Nullable List<ServiceDocument> service,
        List<Map<String, Object>> jobs) {
    static final String FORMAT = "silent-otter-case";
    static final int VERSION = 2;
}
