package silentotter.core.finding;

import silentotter.core.job.JobRecord;

/** What one station makes of what was observed. Pure: the same record, shop and earlier words give the same answer. */
@FunctionalInterface
public interface StationWork {
    /**
     * @param before what the stations before this one said
     * @return that, with what this station adds
     */
    Said read(JobRecord record, Shop shop, Said before);
}
