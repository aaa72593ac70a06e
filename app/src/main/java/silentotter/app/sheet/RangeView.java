package silentotter.app.sheet;

import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;

/** An estimate in plain numbers. */
record RangeView(double low, double best, double high) {
    static RangeView ofNumbers(Estimate<Double> e) {
        return new RangeView(e.low(), e.best(), e.high());
    }

    static RangeView ofPressures(Estimate<Pressure> e) {
        return new RangeView(e.low().kPa(), e.best().kPa(), e.high().kPa());
    }

    static RangeView ofAreas(Estimate<LeakArea> e) {
        return new RangeView(e.low().squareMm(), e.best().squareMm(), e.high().squareMm());
    }
}
