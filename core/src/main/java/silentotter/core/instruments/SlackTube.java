package silentotter.core.instruments;

import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;

/**
 * A U-tube of equal bores, open at both ends: one leg rises by as much as the other falls, and only the difference between
 * both is the pressure. Reading one leg as if it were both is the mistake that halves every blow-by reading.
 *
 * @param fluidDensity kg/m³; water 998, alcohol about 790
 */
public record SlackTube(double fluidDensity) {
    public static final SlackTube WATER = new SlackTube(998.2);

    /** Standard gravity, m/s². */
    private static final double GRAVITY = 9.80665;
    /** One inch of water as instruments are marked, Pa. */
    public static final double INCH_OF_WATER_PA = 249.089;

    /** From the full height between the two levels. */
    public Pressure between(Length levels) {
        return Pressure.ofPa(fluidDensity * GRAVITY * levels.metres());
    }

    /** From how far one leg moved from where both stood level. */
    public Pressure ofOneLeg(Length rise) {
        return between(Length.ofMm(2 * rise.mm()));
    }
}
