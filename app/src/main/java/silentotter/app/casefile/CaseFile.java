package silentotter.app.casefile;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import silentotter.app.part.FileText;
import silentotter.core.intake.ServiceDocument;
import tools.jackson.databind.node.ObjectNode;

/**
 * One engine with all its jobs and readings, as docs/case-file.schema.json describes it.
 *
 * @param engine with what is kept of it across its jobs
 * @param jobs each with its {@code job} and what its parts hold, by their names; earlier versions had fewer parts
 */
record CaseFile(
        String format,
        int version,
        ObjectNode engine,
        @Nullable List<ServiceDocument> service,
        List<Map<String, Object>> jobs) {
    static final String FORMAT = "silent-otter-case";
    static final int VERSION = 4;

    String fileName() {
        return FileText.name(engine.get("name").asString()) + ".case.json";
    }
}
