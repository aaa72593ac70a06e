package silentotter.core.compression;

import java.util.Arrays;
import java.util.List;
import org.hipparchus.stat.descriptive.rank.Median;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.Pressure;

/**
 * What a pass says about one cylinder: the median of its counting attempts, with its repeatability.
 *
 * @param sigma one standard deviation, smaller with more attempts
 * @param floor whether the value only says "at least" (needle at the end of the scale, leaking check valve)
 */
public record CylinderValue(CylinderNumber cylinder, Pressure value, Pressure sigma, int attempts, boolean floor) {
    /** Two-sided 95 % of a normal distribution. */
    static final double NINETY_FIVE = 1.96;

    static CylinderValue of(CompressionPass pass, CylinderNumber cylinder, List<CompressionReading> readings) {
        Pressure middle = middle(readings);
        Pressure single = pass.conditions()
                .gauge()
                .repeatability(middle, pass.conditions().cold());
        boolean floor = readings.stream()
                .anyMatch(r ->
                        pass.conditions().gauge().isNearFullScale(r.value()) || ReadingFaults.needleDrops(r, pass));
        return new CylinderValue(
                cylinder, middle, single.times(1 / Math.sqrt(readings.size())), readings.size(), floor);
    }

    /** The one value of several attempts. @param attempts not empty */
    public static Pressure middle(List<CompressionReading> attempts) {
        return Pressure.ofKPa(
                median(attempts.stream().mapToDouble(r -> r.value().kPa()).toArray()));
    }

    /** All cylinders of the pass that were read, by number. */
    static List<CylinderValue> all(CompressionPass pass) {
        return pass.counting()
                .map(CompressionReading::cylinder)
                .distinct()
                .sorted()
                .map(c -> of(pass, c, pass.of(c)))
                .toList();
    }

    /** Whether the two differ by more than the gauge repeats, 19 times in 20. */
    boolean differsFrom(CylinderValue other) {
        return Math.abs(value.kPa() - other.value.kPa()) > NINETY_FIVE * Math.hypot(sigma.kPa(), other.sigma.kPa());
    }

    static double median(double[] values) {
        return new Median().evaluate(Arrays.copyOf(values, values.length));
    }

    /** One standard deviation of the value as a share of it; 1 when the value is zero. */
    double relativeSigma() {
        return value.kPa() > 0 ? Math.min(1, sigma.kPa() / value.kPa()) : 1;
    }
}
