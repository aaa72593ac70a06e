package silentotter.core.twin;

import java.util.Arrays;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import org.hipparchus.util.FastMath;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;

/**
 * Final reading against leak area for one cylinder, speed and gauge, sampled from the twin once and then read in both
 * directions. Linear between samples spaced evenly in the logarithm of the area, error below half a per cent of a sound
 * reading.
 */
public final class LeakCurve {
    private static final int SAMPLES = 22;
    private static final double SMALLEST_MM2 = 0.02;
    private static final double LARGEST_MM2 = 60;
    private static final double LEAST_DIFFERENCE_KPA = 1e-6;

    private final PolynomialSplineFunction readingOfLogArea;
    private final PolynomialSplineFunction logAreaOfReading;

    private LeakCurve(double[] logAreas, double[] readings) {
        LinearInterpolator linear = new LinearInterpolator();
        readingOfLogArea = linear.interpolate(logAreas, readings);
        logAreaOfReading = linear.interpolate(reversed(readings), reversed(logAreas));
    }

    /** Samples the twin; the leak area of the setup itself does not matter. */
    public static LeakCurve of(CrankingSetup setup) {
        double[] logAreas = new double[SAMPLES];
        double[] readings = new double[SAMPLES];
        double from = FastMath.log(SMALLEST_MM2);
        double step = (FastMath.log(LARGEST_MM2) - from) / (SAMPLES - 1);
        for (int i = 0; i < SAMPLES; i++) {
            logAreas[i] = from + i * step;
            readings[i] = CrankingTwin.finalReading(setup.withLeakArea(LeakArea.ofSquareMm(FastMath.exp(logAreas[i]))))
                    .kPa();
        }
        // Behind a shut throttle a small hole lets more in than out: a curve that is read backwards must only fall.
        for (int i = SAMPLES - 2; i >= 0; i--) {
            readings[i] = Math.max(readings[i], readings[i + 1]);
        }
        int taken = 1;
        for (int i = 1; i < SAMPLES; i++) {
            if (readings[i] < readings[taken - 1]) {
                logAreas[taken] = logAreas[i];
                readings[taken] = readings[i];
                taken++;
            }
        }
        if (taken == 1) {
            // Even the smallest hole takes all: any reading says the same of it.
            logAreas[1] = from + step;
            readings[1] = readings[0];
            readings[0] += LEAST_DIFFERENCE_KPA;
            taken = 2;
        }
        return new LeakCurve(Arrays.copyOf(logAreas, taken), Arrays.copyOf(readings, taken));
    }

    /** The reading that a leak leaves; areas beyond the curve are taken at its end. */
    public Pressure reading(LeakArea area) {
        return Pressure.ofKPa(
                readingOfLogArea.value(within(readingOfLogArea.getKnots(), FastMath.log(area.squareMm()))));
    }

    /** The leak that leaves this reading; readings beyond the curve give its end. */
    public LeakArea area(Pressure reading) {
        return LeakArea.ofSquareMm(
                FastMath.exp(logAreaOfReading.value(within(logAreaOfReading.getKnots(), reading.kPa()))));
    }

    private static double within(double[] knots, double value) {
        return Math.min(knots[knots.length - 1], Math.max(knots[0], value));
    }

    private static double[] reversed(double[] values) {
        double[] result = new double[values.length];
        for (int i = 0; i < values.length; i++) {
            result[i] = values[values.length - 1 - i];
        }
        return result;
    }
}
