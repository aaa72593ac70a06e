package silentotter.core.leakdown;

import silentotter.core.compression.CompressionBeside;
import silentotter.core.finding.Said;
import silentotter.core.finding.Shop;
import silentotter.core.job.JobRecord;

/** Leak-down in the round, held against what compression showed. */
public final class LeakdownWork {
    private LeakdownWork() {}

    public static Said read(JobRecord record, Shop shop, Said before) {
        LeakdownAnalysis analysis = LeakdownAnalyst.analyse(
                record.engine(),
                record.ambient(),
                record.all(LeakdownReading.class),
                before.of(CompressionBeside.class, CompressionBeside.NONE));
        return before.and(analysis).found(analysis.passes());
    }
}
