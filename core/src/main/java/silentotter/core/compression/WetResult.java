package silentotter.core.compression;

import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.Volume;
import silentotter.core.wording.Worded;

/**
 * Dry against wet on one cylinder. All figures are per cent of the dry reading.
 *
 * @param oil all oil put in so far
 * @param risePercent measured rise
 * @param artefactPercent what the oil's volume alone does in this cylinder, over the share that may have stayed on the
 *     crown; empty without bore and stroke
 * @param netPercent what is left for sealing
 */
public record WetResult(
        CylinderNumber cylinder,
        Volume oil,
        double risePercent,
        Optional<Estimate<Double>> artefactPercent,
        Optional<Estimate<Double>> netPercent,
        WetOutcome outcome,
        String reason)
        implements Worded {
    /** What a wet test says of one cylinder. */
    public enum WetOutcome {
        /** Rose well beyond what the oil's volume alone does: the oil sealed the rings. */
        RINGS_SEALED,
        /** Rose a little beyond it: not enough to tell. */
        UNCLEAR,
        /** Rose no more than the volume explains: the leak is not past the rings. */
        VOLUME_ONLY,
        /** The size of the cylinder is unknown, so the artefact cannot be taken off. */
        NOT_CORRECTED
    }
}
