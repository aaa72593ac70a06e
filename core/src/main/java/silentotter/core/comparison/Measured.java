package silentotter.core.comparison;

import java.util.Optional;
import silentotter.core.engine.CylinderNumber;

/**
 * One value of one visit.
 *
 * @param cylinder empty for the whole engine
 * @param value as it is shown: in the unit of its measure
 * @param low and high hold it 19 times in 20, as it is shown
 * @param scaled on the scale of its measure
 * @param sigma one standard deviation on that scale, of the reading alone
 * @param floor whether it only says "at least": a needle at the end of its scale
 */
public record Measured(
        Measure measure,
        Optional<CylinderNumber> cylinder,
        double value,
        double low,
        double high,
        double scaled,
        double sigma,
        boolean floor) {
    static final double NINETY_FIVE = 1.96;

    static Measured share(
            Measure measure, Optional<CylinderNumber> cylinder, double value, double sigma, boolean floor) {
        double wide = NINETY_FIVE * sigma;
        return new Measured(
                measure,
                cylinder,
                value,
                value * Math.exp(-wide),
                value * Math.exp(wide),
                Math.log(value),
                sigma,
                floor);
    }

    /** @param within where a value can lie at all */
    static Measured points(
            Measure measure,
            Optional<CylinderNumber> cylinder,
            double value,
            double sigma,
            boolean floor,
            Range within) {
        double wide = NINETY_FIVE * sigma;
        return new Measured(
                measure,
                cylinder,
                value,
                Math.max(within.least(), value - wide),
                Math.min(within.most(), value + wide),
                value,
                sigma,
                floor);
    }

    /** Where a value can lie. */
    record Range(double least, double most) {
        static final Range PER_CENT = new Range(0, 100);
        static final Range ANY = new Range(Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    }
}
