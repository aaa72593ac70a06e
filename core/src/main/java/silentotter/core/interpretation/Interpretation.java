package silentotter.core.interpretation;

import java.util.List;
import silentotter.core.compression.CompressionAnalysis;
import silentotter.core.diagnosis.Diagnosed;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.engine.Engine;
import silentotter.core.examination.ExaminationReading;
import silentotter.core.finding.Said;
import silentotter.core.job.JobRecord;
import silentotter.core.leakdown.LeakdownAnalysis;

/**
 * What a job says.
 *
 * @param said what each station worked out and found
 * @param seen all findings together
 * @param diagnosed what they point to
 * @param notComputed what could not be worked out, in sentences; the rest stands all the same
 */
public record Interpretation(
        JobRecord record, Said said, ExaminationReading seen, Diagnosed diagnosed, List<String> notComputed) {
    public Diagnosis diagnosis() {
        return diagnosed.diagnosis();
    }

    public Engine engine() {
        return record.engine();
    }

    public CompressionAnalysis compression() {
        return said.of(CompressionAnalysis.class).orElseThrow();
    }

    public LeakdownAnalysis leakdown() {
        return said.of(LeakdownAnalysis.class, LeakdownAnalysis.NONE);
    }
}
