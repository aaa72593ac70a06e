package silentotter.app.blowby;

import java.util.List;
import java.util.Optional;
import silentotter.app.blowby.CrankcaseTools.StoredTool;
import silentotter.core.blowby.BlowbyAnalysis;
import silentotter.core.blowby.Cautions;
import silentotter.core.blowby.RingFit;
import silentotter.core.blowby.SetUpCheck;
import silentotter.core.finding.Judged;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.wording.Worded;

/** Blow-by on the sheet: what was read, with what, and what it says. */
record BlowbyView(
        List<StoredBlowby> readings,
        List<Read> read,
        List<NotCounted> notCounted,
        List<StoredTool> tools,
        List<SetUpCheck> setUp,
        Optional<Judged> judged,
        BlowbyAnalysis analysis,
        Optional<RingFit> fit,
        List<String> cautions)
        implements Worded {

    /** A reading as pressure. */
    record Read(long readingId, double pressurePa) {}

    /** A reading that was taken and does not count on this engine as it is now known. */
    record NotCounted(long readingId, String reason) {}

    static BlowbyView of(
            Interpretation said,
            List<StoredBlowby> readings,
            List<Read> read,
            List<NotCounted> notCounted,
            List<StoredTool> tools) {
        BlowbyAnalysis analysis = said.said().of(BlowbyAnalysis.class, BlowbyAnalysis.NONE);
        return new BlowbyView(
                readings,
                read,
                notCounted,
                tools,
                SetUpCheck.of(said.engine()),
                analysis.grade(),
                analysis,
                said.said().of(RingFit.class),
                Cautions.of(said.engine()));
    }
}
