package silentotter.core.compression;

import java.util.List;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;
import silentotter.core.wording.Worded;

/**
 * What the dry test says of one cylinder.
 *
 * @param value empty when not read
 * @param deviationFromMedian as a share of the median
 * @param seaLevel what it would read at sea level
 * @param shareOfSound reading over that of a sound sister; empty without sisters
 * @param leakArea implied by that share; empty without bore and stroke, or without sisters
 * @param detectable the smallest leak that would have shown; empty when unknown
 * @param reason the standing in a sentence
 */
public record CylinderResult(
        CylinderNumber cylinder,
        Standing standing,
        Optional<CylinderValue> value,
        Optional<Double> deviationFromMedian,
        Optional<Pressure> seaLevel,
        Optional<Estimate<Double>> shareOfSound,
        Optional<Estimate<LeakArea>> leakArea,
        Optional<LeakArea> detectable,
        List<CylinderNumber> lowNeighbours,
        String reason)
        implements Worded {
    /** Where a cylinder stands among its sisters on the same gauge. */
    public enum Standing {
        NOT_READ,
        ALONE,
        LEVEL,
        LOW,
        HIGH
    }
}
