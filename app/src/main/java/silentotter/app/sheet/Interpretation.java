package silentotter.app.sheet;

import java.util.List;
import silentotter.app.leakdown.Leakdown.NotCounted;
import silentotter.core.compression.CompressionAnalysis;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.engine.Engine;
import silentotter.core.examination.ExaminationReading;
import silentotter.core.leakdown.LeakdownAnalysis;

/**
 * What a job says.
 *
 * @param notCounted leak-down readings that do not fit the engine
 * @param notComputed what could not be worked out, in sentences; the rest stands all the same
 */
record Interpretation(
        Engine engine,
        CompressionAnalysis compression,
        LeakdownAnalysis leakdown,
        List<NotCounted> notCounted,
        ExaminationReading reading,
        Diagnosis diagnosis,
        List<String> notComputed) {}
