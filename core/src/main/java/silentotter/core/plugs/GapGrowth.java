package silentotter.core.plugs;

import silentotter.core.plugs.PlugSet.PlugMake;

/**
 * How fast a gap has grown. Ordinary for plain electrodes is about 0.025 mm in 1600 km (trade practice).
 *
 * @param mmPer1000Km may be negative where the gap was closed up
 * @param timesOrdinary the same against what is ordinary for this make
 * @param proven whether the growth is more than two readings of a wire gauge can differ by
 */
public record GapGrowth(double mmPer1000Km, double timesOrdinary, boolean proven) {
    /** Growth that is ordinary for plain electrodes, mm per 1000 km. */
    public static final double ORDINARY_PLAIN = 0.0155;
    /** Fine-wire electrodes wear this much slower. */
    public static final double FINE_WIRE_SHARE = 0.25;
    /** One standard deviation of a measured gap, mm. */
    private static final double GAP_SIGMA = 0.02;

    /**
     * @param gapMm measured gap
     * @param newGapMm gap when new
     * @param distanceKm distance run, above 0
     */
    public static GapGrowth of(double gapMm, double newGapMm, double distanceKm, PlugMake make) {
        double rate = (gapMm - newGapMm) / distanceKm * 1000;
        double ordinary = ORDINARY_PLAIN * (make == PlugMake.FINE_WIRE ? FINE_WIRE_SHARE : 1);
        return new GapGrowth(rate, rate / ordinary, gapMm - newGapMm > 2 * Math.sqrt(2) * GAP_SIGMA);
    }
}
