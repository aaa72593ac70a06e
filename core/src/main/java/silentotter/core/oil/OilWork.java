package silentotter.core.oil;

import silentotter.core.finding.Said;
import silentotter.core.finding.Shop;
import silentotter.core.job.JobRecord;

/** Measured oil use in the round. */
public final class OilWork {
    private OilWork() {}

    public static Said read(JobRecord record, Shop shop, Said before) {
        OilAnalysis said = OilAnalyst.analyse(
                record.engine(),
                record.all(OilEntry.class),
                record.all(OilTrial.class),
                record.all(OilEvent.class),
                shop.choice(OilSchool.class, OilSchool.LITRES_0_6));
        return before.and(said).found(OilRules.read(record.engine(), said));
    }
}
