package silentotter.core.compression;

import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;

/**
 * What leak-down is held against.
 *
 * @param shareLeft share of a sound cylinder's compression that a leak leaves at cranking speed here; empty without bore
 *     and stroke
 * @param measured share of a sound sister that each cylinder's compression showed, with its 95 % interval
 */
public record CompressionBeside(
        Optional<ToDoubleFunction<LeakArea>> shareLeft, Map<CylinderNumber, Estimate<Double>> measured) {
    public static final CompressionBeside NONE = new CompressionBeside(Optional.empty(), Map.of());
}
