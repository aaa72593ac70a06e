package silentotter.core.blowby;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Said;
import silentotter.core.finding.Shop;
import silentotter.core.input.Problems;
import silentotter.core.job.JobRecord;
import silentotter.core.job.Observation;
import silentotter.core.signs.Signs;

/** Readings of crankcase pressure as somebody would take them. */
final class Crankcase {
    static final Set<SetUpCheck> ALL = EnumSet.allOf(SetUpCheck.class);

    private Crankcase() {}

    static BlowbyDocument digital(BlowbyPoint point, double pa) {
        return shut(point, CrankcaseGauge.DIGITAL, null, null, null, pa, null, ALL);
    }

    static BlowbyDocument legs(BlowbyPoint point, double up, double down) {
        return shut(point, CrankcaseGauge.SLACK_TUBE, List.of(up, down), null, null, null, null, ALL);
    }

    static BlowbyDocument oneLeg(BlowbyPoint point, double mm) {
        return shut(point, CrankcaseGauge.SLACK_TUBE, null, mm, null, null, null, ALL);
    }

    static BlowbyDocument height(BlowbyPoint point, TubeKind tube, double mm, Double inclineDeg) {
        BlowbyDocument d = shut(point, CrankcaseGauge.SLACK_TUBE, null, null, mm, null, tube, ALL);
        return new BlowbyDocument(
                d.point(),
                d.ventilation(),
                d.rpm(),
                null,
                8.0,
                null,
                null,
                null,
                d.instrument(),
                null,
                tube,
                inclineDeg,
                null,
                null,
                mm,
                null,
                null,
                null,
                null,
                null,
                ALL);
    }

    static BlowbyDocument asFound(double pa) {
        return new BlowbyDocument(
                BlowbyPoint.AS_FOUND,
                CrankcaseVent.AS_FOUND,
                800.0,
                null,
                null,
                null,
                null,
                null,
                CrankcaseGauge.DIGITAL,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                pa,
                null,
                null,
                null,
                null);
    }

    static BlowbyDocument shut(
            BlowbyPoint point,
            CrankcaseGauge gauge,
            List<Double> legs,
            Double oneLeg,
            Double height,
            Double pa,
            TubeKind tube,
            Set<SetUpCheck> checked) {
        return new BlowbyDocument(
                point,
                CrankcaseVent.SHUT,
                point == BlowbyPoint.IDLE ? 800.0 : 2500.0,
                null,
                8.0,
                null,
                null,
                null,
                gauge,
                null,
                tube,
                null,
                legs,
                oneLeg,
                height,
                null,
                pa,
                null,
                null,
                null,
                checked);
    }

    static BlowbyReading read(BlowbyDocument d) {
        return BlowbyReader.read(1, d, null, new Problems(), "").orElseThrow();
    }

    /** What a round says that holds these readings beside what was observed before. */
    static Said said(JobRecord record, BlowbyDocument... documents) {
        return BlowbyWork.read(with(record, documents), Shop.USUAL, Signs.EMPTY, Said.NOTHING);
    }

    static JobRecord with(JobRecord record, BlowbyDocument... documents) {
        List<Observation> all = new ArrayList<>(record.observed());
        for (int i = 0; i < documents.length; i++) {
            all.add(BlowbyReader.read(i + 1, documents[i], null, new Problems(), "")
                    .orElseThrow());
        }
        return new JobRecord(record.engine(), record.job(), all);
    }

    static List<String> rules(Said said) {
        return said.findings().stream().map(Finding::rule).toList();
    }
}
