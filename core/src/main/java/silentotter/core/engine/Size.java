package silentotter.core.engine;

import java.util.Optional;
import silentotter.core.quantity.Length;
import silentotter.core.twin.CylinderGeometry;

/**
 * The size of one cylinder, as far as it is known.
 *
 * @param compressionRatio as x:1
 * @param intakeClosingDeg crank degrees after bottom centre
 */
public record Size(
        Optional<Length> bore,
        Optional<Length> stroke,
        Optional<Length> rod,
        Optional<Double> compressionRatio,
        Optional<Double> intakeClosingDeg) {
    public static final Size UNKNOWN =
            new Size(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    public Size {
        if (rod.isPresent()
                && stroke.isPresent()
                && rod.get().mm() * 2 <= stroke.get().mm()) {
            throw new IllegalArgumentException(
                    "rod must be longer than half the stroke of " + stroke.get() + ", but was " + rod.get());
        }
    }

    /** Geometry with the given ratio where the engine's own is unknown; empty without bore and stroke. */
    public Optional<CylinderGeometry> geometry(double ratioIfUnknown) {
        if (bore.isEmpty() || stroke.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new CylinderGeometry(
                bore.get(),
                stroke.get(),
                rod.orElse(stroke.get().times(CylinderGeometry.USUAL_ROD_RATIO)),
                compressionRatio.orElse(ratioIfUnknown)));
    }
}
