package silentotter.core.diagnosis;

import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.PathKind;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;

/**
 * One way in which a cylinder may be losing its seal, to be drawn on the section.
 *
 * @param towards the neighbour, for {@link PathKind#GASKET_NEIGHBOUR} only
 * @param area if all of the leak went this way; empty when it cannot be computed
 */
public record EscapePath(
        CylinderNumber cylinder,
        PathKind kind,
        Optional<CylinderNumber> towards,
        Optional<Estimate<LeakArea>> area,
        Sureness sureness) {}
