package silentotter.core.instruments;

import java.util.Optional;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Volume;

/**
 * A cranking compression gauge.
 *
 * @param fullScale end of the scale; empty when unknown
 * @param division smallest printed division; empty when unknown
 * @param hoseVolume dead volume between cylinder and check valve
 * @param gaugeVolume volume behind the check valve
 */
public record CompressionGauge(
        Optional<Pressure> fullScale,
        Optional<Pressure> division,
        Optional<Volume> hoseVolume,
        Optional<Volume> gaugeVolume) {
    public static final CompressionGauge UNKNOWN =
            new CompressionGauge(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** Repeatability of a reading on a hot engine, one standard deviation, as a share. Trade practice. */
    public static final double HOT_REPEATABILITY = 0.02;
    /** The same on a cold engine. */
    public static final double COLD_REPEATABILITY = 0.03;
    /** From this share of full scale a reading only says "at least". */
    public static final double NEAR_FULL_SCALE = 0.96;

    private static final Pressure USUAL_DIVISION = Pressure.ofKPa(20);

    /**
     * One standard deviation of a single reading: 2 % (cold 3 %) of it plus half a division.
     */
    public Pressure repeatability(Pressure reading, boolean cold) {
        double share = cold ? COLD_REPEATABILITY : HOT_REPEATABILITY;
        return reading.times(share).plus(division.orElse(USUAL_DIVISION).times(0.5));
    }

    public boolean isNearFullScale(Pressure reading) {
        return fullScale.map(f -> reading.kPa() >= f.kPa() * NEAR_FULL_SCALE).orElse(false);
    }
}
