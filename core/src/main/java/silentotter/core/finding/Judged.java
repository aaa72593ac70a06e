package silentotter.core.finding;

import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Labelled;

/** What a school with one or two limits says of a figure. */
public enum Judged implements Labelled {
    SOUND,
    WATCH,
    FAULT;

    /** @param watch from here to be watched; @param fault from here a fault, not below watch */
    public static Judged of(double value, double watch, double fault) {
        return value > fault ? FAULT : value > watch ? WATCH : SOUND;
    }

    /** Whether a figure says the same from end to end of its interval. */
    public static boolean isSure(Estimate<Double> value, double watch, double fault) {
        Judged best = of(value.best(), watch, fault);
        return of(value.low(), watch, fault) == best && of(value.high(), watch, fault) == best;
    }
}
