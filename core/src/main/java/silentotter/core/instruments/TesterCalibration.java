package silentotter.core.instruments;

import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.exception.MathIllegalArgumentException;
import silentotter.core.flow.TwoHoles;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;

/**
 * What drilled bleed holes tell of an unknown tester. One hole gives the orifice where the supply is known; two holes give
 * both where a dial with a set mark hides it.
 *
 * @param orifice effective area of the metering orifice
 */
public record TesterCalibration(LeakArea orifice, Pressure supply) {
    /** Below this a second, lower supply fits the same two readings; testers that hide their supply work above it. */
    private static final double LOWEST_SUPPLY_KPA = 250;

    private static final double HIGHEST_SUPPLY_KPA = 1500;
    private static final int MOST_EVALUATIONS = 200;

    /**
     * A bleed hole and what the dial showed.
     *
     * @param percent above 0 and below 100
     */
    public record BleedHole(Length diameter, double dischargeCoefficient, double percent) {
        LeakArea area() {
            return LeakArea.ofHole(diameter, dischargeCoefficient);
        }
    }

    public static TesterCalibration of(BleedHole hole, Pressure supply, Pressure ambient) {
        return new TesterCalibration(orifice(hole, supply, ambient), supply);
    }

    /**
     * Method: the supply at which both holes give the same orifice, by a bracketed root (Brent). Badly conditioned: at
     * 690 kPa three per cent of error in a hole moves the supply by some 140 kPa, so the holes should read far apart.
     *
     * @throws IllegalArgumentException when no supply makes the two readings fit one tester
     */
    public static TesterCalibration of(BleedHole one, BleedHole other, Pressure ambient) {
        UnivariateFunction mismatch = kPa -> {
            Pressure supply = Pressure.ofKPa(kPa);
            return Math.log(orifice(one, supply, ambient).squareMm()
                    / orifice(other, supply, ambient).squareMm());
        };
        try {
            double supply = new BracketingNthOrderBrentSolver(1e-10, 1e-6, 5)
                    .solve(MOST_EVALUATIONS, mismatch, LOWEST_SUPPLY_KPA, HIGHEST_SUPPLY_KPA);
            return of(one, Pressure.ofKPa(supply), ambient);
        } catch (MathIllegalArgumentException e) {
            throw new IllegalArgumentException("the two readings do not fit one tester: read both again, settled");
        }
    }

    private static LeakArea orifice(BleedHole hole, Pressure supply, Pressure ambient) {
        TwoHoles unknown = new TwoHoles(LeakArea.ofSquareMm(1), supply, ambient);
        return unknown.orificeFor(hole.area(), unknown.cylinderPressure(hole.percent()));
    }
}
