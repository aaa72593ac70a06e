package silentotter.core.inference;

import silentotter.core.quantity.LeakArea;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.CrankingTwin;

/**
 * How far a leak lowers what the gauge of a cranked cylinder reads: ln(reading/reading without a leak) against the
 * logarithm of the area, from the cranking twin once and then read many times. Linear between 44 samples spaced evenly in
 * the logarithm, .02 to 120 mm² at a bore of 90 mm.
 */
public final class GaugeCurve {
    private static final int SAMPLES = 44;
    private static final double SMALLEST = .02;
    private static final double LARGEST = 120;
    private static final double LN_SMALLEST = Math.log(SMALLEST);
    private static final double PER_LN = (SAMPLES - 1) / Math.log(LARGEST / SMALLEST);
    /** Bore that areas are given at, mm. */
    public static final double BORE_MM = 90;
    /** Below this no gauge is read, kPa. */
    private static final double LEAST_KPA = 3;

    private final double[] lnShare = new double[SAMPLES + 1];
    private final double lnTight;

    private GaugeCurve(CrankingSetup setup) {
        double scale = setup.geometry().bore().mm() / BORE_MM;
        lnTight = lnReading(setup.withLeakArea(LeakArea.ofSquareMm(0)));
        for (int i = 0; i < SAMPLES; i++) {
            double area = SMALLEST * Math.exp(i / PER_LN) * scale;
            lnShare[i] = lnReading(setup.withLeakArea(LeakArea.ofSquareMm(area))) - lnTight;
        }
        lnShare[SAMPLES] = lnShare[SAMPLES - 1];
    }

    /** Runs the twin; the leak of the setup itself does not matter. */
    public static GaugeCurve of(CrankingSetup setup) {
        return new GaugeCurve(setup);
    }

    /** ln of what a cylinder without a leak reads, kPa. */
    double lnTight() {
        return lnTight;
    }

    /** ln of the share of a tight cylinder's reading that a leak leaves, 0 or less. */
    double lnShare(double lnArea) {
        double at = (lnArea - LN_SMALLEST) * PER_LN;
        if (at <= 0) {
            return lnShare[0];
        }
        if (at >= SAMPLES - 1) {
            return lnShare[SAMPLES - 1];
        }
        int i = (int) at;
        return lnShare[i] + (at - i) * (lnShare[i + 1] - lnShare[i]);
    }

    private static double lnReading(CrankingSetup setup) {
        return Math.log(Math.max(LEAST_KPA, CrankingTwin.finalReading(setup).kPa()));
    }
}
