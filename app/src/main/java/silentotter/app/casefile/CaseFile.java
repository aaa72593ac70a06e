package silentotter.app.casefile;

import jakarta.annotation.Nullable;
import java.util.List;
import silentotter.app.change.Corrections.Correction;
import silentotter.app.compression.ConditionsDocument;
import silentotter.app.compression.ReadingDocument;
import silentotter.app.engine.EngineDocument;
import silentotter.app.engine.ServiceDocument;
import silentotter.app.examination.ExaminationPart;
import silentotter.app.job.JobDocument;
import silentotter.app.leakdown.LeakdownDocument;
import silentotter.app.leakdown.TesterDocument;
import silentotter.core.compression.PassDoubt;
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

    /**
     * @param examination parts as in {@code Examination}; left out by version 1, as are service and photos
     * @param corrections what was put right afterwards, each in a sentence
     */
    record CaseJob(
            JobDocument job,
            @Nullable ObjectNode examination,
            @Nullable List<CasePhoto> photos,
            List<CasePass> compression,
            @Nullable List<CaseLeakdown> leakdown,
            @Nullable List<Correction> corrections) {}

    /** @param tester the tester it was read on, as it was known when the case was taken away */
    record CaseLeakdown(
            int cylinder,
            TesterDocument tester,
            LeakdownDocument reading,
            @Nullable String setAside,
            String takenAt) {}

    /** @param content base64 */
    record CasePhoto(ExaminationPart part, int cylinder, String mediaType, String takenAt, byte[] content) {}

    /** @param settled questions about the pass that were answered: what was typed is meant */
    record CasePass(
            PassKind kind,
            ConditionsDocument conditions,
            @Nullable List<PassDoubt.Kind> settled,
            List<CaseReading> readings) {}

    record CaseReading(
            int cylinder,
            List<Double> strokesKPa,
            boolean finalOnly,
            @Nullable Double oilMl,
            @Nullable String setAside,
            String takenAt) {
        ReadingDocument asDocument() {
            return new ReadingDocument(cylinder, strokesKPa, finalOnly, oilMl);
        }
    }
}
