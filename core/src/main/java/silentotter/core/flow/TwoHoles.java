package silentotter.core.flow;

import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;

/**
 * A leak-down tester on a cylinder: two holes in series. Air flows from the supply through the tester's metering orifice
 * into the cylinder and from there through the leak to ambient, the same mass through both (isentropic orifice flow, see
 * {@link AirFlow}). All pressures are gauge except the ambient.
 *
 * @param orifice effective area of the metering orifice, discharge coefficient times geometric area, above 0
 * @param supply regulated supply, above 0
 * @param ambient absolute ambient pressure
 */
public record TwoHoles(LeakArea orifice, Pressure supply, Pressure ambient) {
    private static final double TOLERANCE_PA = 0.01;
    private static final int MOST_EVALUATIONS = 200;

    public TwoHoles {
        if (!(orifice.squareMm() > 0) || !(supply.kPa() > 0)) {
            throw new IllegalArgumentException(
                    "orifice and supply must be above 0, but were " + orifice + " and " + supply);
        }
    }

    /** Cylinder pressure that a dial of per cent means: 0 % is the supply, 100 % is ambient. */
    public Pressure cylinderPressure(double leakPercent) {
        return supply.times(1 - leakPercent / 100);
    }

    /** The dial reading of a cylinder pressure. */
    public double percent(Pressure cylinder) {
        return 100 * (1 - cylinder.ratioTo(supply));
    }

    /**
     * The leak that lets the cylinder settle at a pressure.
     *
     * @param cylinder above 0 and not above the supply; at the supply nothing leaks
     */
    public LeakArea leak(Pressure cylinder) {
        if (!(cylinder.kPa() > 0) || cylinder.kPa() > supply.kPa()) {
            throw new IllegalArgumentException(
                    "cylinder pressure must be above 0 and at most the supply of " + supply + ", but was " + cylinder);
        }
        double p1 = absolute(supply);
        double p2 = absolute(cylinder);
        return orifice.times(p1 * AirFlow.psi(p2 / p1) / (p2 * AirFlow.psi(ambient.pa() / p2)));
    }

    /** The pressure at which a cylinder with this leak settles; the inverse of {@link #leak}, a bracketed root (Brent). */
    public Pressure settlesAt(LeakArea leak) {
        if (leak.squareMm() == 0) {
            return supply;
        }
        double p1 = absolute(supply);
        double pa = ambient.pa();
        double root = new BracketingNthOrderBrentSolver(1e-12, TOLERANCE_PA, 5)
                .solve(
                        MOST_EVALUATIONS,
                        p2 -> orifice.squareMm() * p1 * AirFlow.psi(p2 / p1)
                                - leak.squareMm() * p2 * AirFlow.psi(pa / p2),
                        pa,
                        p1);
        return Pressure.ofPa(root - pa);
    }

    /** The metering orifice with which a bleed hole of known area settles at a pressure; this orifice does not matter. */
    public LeakArea orificeFor(LeakArea bleedHole, Pressure cylinder) {
        LeakArea leakOfUnitOrifice = new TwoHoles(LeakArea.ofSquareMm(1), supply, ambient).leak(cylinder);
        return bleedHole.times(1 / leakOfUnitOrifice.squareMm());
    }

    private double absolute(Pressure gauge) {
        return gauge.pa() + ambient.pa();
    }
}
