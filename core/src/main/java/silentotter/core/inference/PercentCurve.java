package silentotter.core.inference;

import silentotter.core.flow.AirFlow;
import silentotter.core.flow.TwoHoles;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;

/**
 * What one leak-down tester shows against the leak it is on: per cent against ln area, .004 to 400 mm² at a bore of 90 mm,
 * sampled once and read linearly.
 */
public final class PercentCurve {
    private static final int SAMPLES = 120;
    private static final double LN_SMALLEST = Math.log(.004);
    private static final double PER_LN = (SAMPLES - 1) / (Math.log(400) - LN_SMALLEST);
    private static final Temperature AIR = Temperature.ofCelsius(20);

    private final double[] percent = new double[SAMPLES];
    private final TwoHoles tester;
    private final double scale;

    private PercentCurve(TwoHoles tester, double boreMm) {
        this.tester = tester;
        this.scale = boreMm / GaugeCurve.BORE_MM;
        for (int i = 0; i < SAMPLES; i++) {
            double area = Math.exp(LN_SMALLEST + i / PER_LN) * scale;
            percent[i] = tester.percent(tester.settlesAt(LeakArea.ofSquareMm(area)));
        }
    }

    public static PercentCurve of(TwoHoles tester, double boreMm) {
        return new PercentCurve(tester, boreMm);
    }

    double percent(double area) {
        double at = (Math.log(area) - LN_SMALLEST) * PER_LN;
        if (at <= 0) {
            return percent[0];
        }
        if (at >= SAMPLES - 1) {
            return percent[SAMPLES - 1];
        }
        int i = (int) at;
        return percent[i] + (at - i) * (percent[i + 1] - percent[i]);
    }

    /** Free air in L/min through 1 mm² (at a bore of 90 mm) of a cylinder that this reading stands on. */
    double flowPerArea(double reading) {
        Pressure inside = tester.cylinderPressure(Math.min(99.5, Math.max(0, reading)));
        return AirFlow.freeAirLitresPerMinute(
                LeakArea.ofSquareMm(scale), inside.plus(tester.ambient()), tester.ambient(), AIR);
    }
}
