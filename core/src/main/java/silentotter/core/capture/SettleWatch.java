package silentotter.core.capture;

import silentotter.core.capture.SettlingSeen.AirPhase;

/**
 * Says when a leak-down tester has settled: the means of the last second and of the one before it differ, on both gauges, by
 * less than a five-hundredth of the supply. A reading taken earlier calls a tight cylinder leaking. Trade practice.
 */
public final class SettleWatch {
    /** Below this nobody tests: the air is shut, kPa. */
    private static final double SHUT_KPA = 30;

    private static final double SPAN = 2;
    /** Share of the supply in a second that a settled gauge may move. */
    private static final double STILL = .002;

    private static final double MINUTE = 60;

    private final Bins supply = new Bins(SPAN);
    private final Bins cylinder = new Bins(SPAN);
    private long number;
    private boolean open;
    private double last;

    /** @param first the number before that of the first filling */
    public SettleWatch(long first) {
        this.number = first;
    }

    /** @param seconds never falling */
    public void sample(double seconds, double supplyKPa, double cylinderKPa) {
        last = seconds;
        if (supplyKPa < SHUT_KPA) {
            open = false;
            supply.clear();
            cylinder.clear();
            return;
        }
        if (!open) {
            open = true;
            number++;
        }
        supply.sample(seconds, supplyKPa);
        cylinder.sample(seconds, cylinderKPa);
    }

    /** Of the filling that is seen, or was last; growing. */
    public long number() {
        return number;
    }

    public SettlingSeen seen() {
        if (!open) {
            return new SettlingSeen(number, AirPhase.SHUT, 0, 0, 0);
        }
        double stands = supply.mean();
        // Of a single step there is no slope yet.
        double slope = cylinder.slope();
        boolean still =
                supply.isFull(last) && Math.abs(slope) < STILL * stands && Math.abs(supply.slope()) < STILL * stands;
        return new SettlingSeen(
                number,
                still ? AirPhase.SETTLED : AirPhase.FILLING,
                stands,
                cylinder.mean(),
                Double.isNaN(slope) ? 0 : slope * MINUTE);
    }
}
