package silentotter.app.casefile;

import jakarta.annotation.Nullable;
import java.util.List;
import silentotter.app.compression.ConditionsDocument;
import silentotter.app.engine.EngineDocument;
import silentotter.app.engine.ServiceDocument;
import silentotter.app.examination.ExaminationPart;
import silentotter.app.job.JobDocument;
import silentotter.app.leakdown.LeakdownDocument;
import silentotter.app.leakdown.TesterDocument;
import silentotter.core.compression.PassKind;
import tools.jackson.databind.node.ObjectNode;

/** One engine with all its jobs and readings, as docs/case-file.schema.json describes it. */
record CaseFile(
        String format,
        int version,
        EngineDocument engine,
        @Nullable List<ServiceDocument> service,
        List<CaseJob> jobs) {
    static final String FORMAT = "silent-otter-case";
    static final int VERSION = 2;

    /** @param examination parts as in {@code Examination}; left out by version 1, as are service and photos */
    record CaseJob(
            JobDocument job,
            @Nullable ObjectNode examination,
            @Nullable List<CasePhoto> photos,
            List<CasePass> compression,
            @Nullable List<CaseLeakdown> leakdown) {}

    /** @param tester the tester it was read on, as it was known when the case was taken away */
    record CaseLeakdown(
            int cylinder,
            TesterDocument tester,
            LeakdownDocument reading,
            @Nullable String setAside,
            String takenAt) {}

    /** @param content base64 */
    record CasePhoto(ExaminationPart part, int cylinder, String mediaType, String takenAt, byte[] content) {}

    record CasePass(PassKind kind, ConditionsDocument conditions, List<CaseReading> readings) {}

    record CaseReading(
            int cylinder,
            List<Double> strokesKPa,
            boolean finalOnly,
            @Nullable Double oilMl,
            @Nullable String setAside,
            String takenAt) {}
}
