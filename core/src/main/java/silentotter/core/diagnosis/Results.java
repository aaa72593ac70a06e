package silentotter.core.diagnosis;

import java.util.List;
import silentotter.core.blowby.BlowbyAnalysis;
import silentotter.core.compression.CompressionAnalysis;
import silentotter.core.examination.Examination;
import silentotter.core.examination.ExaminationReading;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Said;
import silentotter.core.finding.Shop;
import silentotter.core.intake.Intake;
import silentotter.core.job.JobRecord;
import silentotter.core.leakdown.LeakdownAnalysis;
import silentotter.core.oil.OilAnalysis;
import silentotter.core.plugs.PlugReading;
import silentotter.core.signs.Signs;

/** What the stations worked out, as the diagnosis takes it. */
record Results(
        Examination examination,
        CompressionAnalysis compression,
        LeakdownAnalysis leakdown,
        BlowbyAnalysis blowby,
        OilAnalysis oil,
        PlugReading plugs,
        List<Finding> findings) {
    /** @param seen everything that rules say of the job, on an engine that can have it */
    static Results of(JobRecord record, Shop shop, Said said, ExaminationReading seen) {
        return new Results(
                record.last(Examination.class, Examination.EMPTY),
                said.of(CompressionAnalysis.class).orElseThrow(),
                said.of(LeakdownAnalysis.class, LeakdownAnalysis.NONE),
                said.of(BlowbyAnalysis.class, BlowbyAnalysis.NONE),
                said.of(OilAnalysis.class, OilAnalysis.NONE),
                seen.plugs(),
                seen.findings().stream().map(f -> f.proved(shop.learnt())).toList());
    }

    Intake intake() {
        return examination.intake();
    }

    Signs signs() {
        return examination.signs();
    }
}
