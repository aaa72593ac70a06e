package silentotter.core.diagnosis;

import java.util.List;
import silentotter.core.blowby.BlowbyAnalysis;
import silentotter.core.compression.CompressionAnalysis;
import silentotter.core.examination.Examination;
import silentotter.core.finding.Finding;
import silentotter.core.intake.Intake;
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
    Intake intake() {
        return examination.intake();
    }

    Signs signs() {
        return examination.signs();
    }
}
