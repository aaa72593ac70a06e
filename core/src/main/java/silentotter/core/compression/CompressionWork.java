package silentotter.core.compression;

import silentotter.core.engine.Size;
import silentotter.core.finding.Said;
import silentotter.core.finding.Shop;
import silentotter.core.job.JobRecord;

/** Compression in the round: how even, what leaks that makes, and what leak-down is held against. */
public final class CompressionWork {
    private CompressionWork() {}

    public static Said read(JobRecord record, Shop shop, Said before) {
        CompressionAnalyst analyst = new CompressionAnalyst(shop.curves());
        var passes = record.all(CompressionPass.class);
        CompressionAnalysis analysis = analyst.analyse(record.engine(), record.ambient(), passes);
        return before.and(analysis)
                .and(analyst.beside(record.engine(), record.ambient(), passes, analysis))
                .found(BuildUpRules.read(analysis));
    }

    /** Where the size of the engine cannot be reckoned with: the readings are compared with each other only. */
    public static Said withoutSize(JobRecord record, Shop shop, Said before) {
        return read(record.on(record.engine().withSize(Size.UNKNOWN)), shop, before);
    }

    /** Where even that fails: the sheet shows the readings and nothing made of them. */
    public static Said withoutReadings(JobRecord record, Shop shop, Said before) {
        return withoutSize(record.without(CompressionPass.class), shop, before);
    }
}
