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
    private AirPhase phase = AirPhase.SHUT;

    /** @param first the number before that of the first filling */
    public SettleWatch(long first) {
        this.number = first;
    }

    /** @param seconds never falling */
    public void sample(double seconds, double supplyKPa, double cylinderKPa) {
        if (supplyKPa < SHUT_KPA) {
            phase = AirPhase.SHUT;
            supply.clear();
            cylinder.clear();
            return;
        }
        if (phase == AirPhase.SHUT) {
            number++;
        }
        supply.sample(seconds, supplyKPa);
        cylinder.sample(seconds, cylinderKPa);
        boolean still = supply.isFull(seconds)
                && Math.abs(cylinder.slope()) < STILL * supply.mean()
                && Math.abs(supply.slope()) < STILL * supply.mean();
        phase = still ? AirPhase.SETTLED : AirPhase.FILLING;
    }

    public SettlingSeen seen() {
        if (phase == AirPhase.SHUT) {
            return new SettlingSeen(number, phase, 0, 0, 0);
        }
        // Of a single step there is no slope yet.
        double slope = cylinder.slope();
        return new SettlingSeen(
                number, phase, supply.mean(), cylinder.mean(), Double.isNaN(slope) ? 0 : slope * MINUTE);
    }
}
