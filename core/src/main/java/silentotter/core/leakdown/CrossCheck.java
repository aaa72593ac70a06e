package silentotter.core.leakdown;

import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Worded;

/**
 * Leak-down held against compression.
 *
 * @param predicted share of sound compression that this leak should leave, with its 99 % band
 * @param measured share of sound compression that the gauge showed
 */
public record CrossCheck(
        CylinderNumber cylinder,
        Estimate<Double> predicted,
        double measured,
        Outcome outcome,
        String text,
        String retest)
        implements Worded {
    /** How the two fit. */
    public enum Outcome {
        AGREE,
        /** Compression is lower than the leak explains. */
        LOWER_THAN_LEAK,
        /** Compression is better than the leak allows. */
        HIGHER_THAN_LEAK
    }
}
