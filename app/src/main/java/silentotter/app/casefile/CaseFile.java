package silentotter.app.casefile;

import jakarta.annotation.Nullable;
import java.util.List;
import silentotter.app.compression.ConditionsDocument;
import silentotter.app.engine.EngineDocument;
import silentotter.app.job.JobDocument;
import silentotter.core.compression.PassKind;

/** One engine with all its jobs and readings, as docs/case-file.schema.json describes it. */
record CaseFile(String format, int version, EngineDocument engine, List<CaseJob> jobs) {
    static final String FORMAT = "silent-otter-case";
    static final int VERSION = 1;

    record CaseJob(JobDocument job, List<CasePass> compression) {}

    record CasePass(PassKind kind, ConditionsDocument conditions, List<CaseReading> readings) {}

    record CaseReading(
            int cylinder,
            List<Double> strokesKPa,
            boolean finalOnly,
            @Nullable Double oilMl,
            @Nullable String setAside,
            String takenAt) {}
}
