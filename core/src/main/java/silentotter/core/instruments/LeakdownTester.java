package silentotter.core.instruments;

import java.util.Optional;
import silentotter.core.flow.TwoHoles;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;

/**
 * A leak-down tester of the shop.
 *
 * @param supply regulated supply; empty where a dial with a set mark hides it
 * @param orifice diameter of the metering orifice; empty when unknown
 * @param dischargeCoefficient of that orifice, 0.3 to 1
 * @param resolutionPoints smallest step of the dial that can be read, points of per cent; 0 when not noted
 * @param checks by how many readings of bleed holes the orifice is known; 0 where it was taken from a data sheet
 */
public record LeakdownTester(
        String name,
        TesterKind kind,
        Optional<Pressure> supply,
        Optional<Length> orifice,
        double dischargeCoefficient,
        double resolutionPoints,
        int checks) {
    /** The tester that most published limits were written for: 0.040 in at 100 psi. */
    public static final LeakdownTester MASTER = new LeakdownTester(
            "master",
            TesterKind.TWO_GAUGES,
            Optional.of(Pressure.ofKPa(689.476)),
            Optional.of(Length.ofMm(1.016)),
            1,
            0,
            1);

    private static final double CALIBRATED_SIGMA = 0.02;
    private static final double UNCALIBRATED_SIGMA = 0.15;
    /** What hole and dial have in common from check to check does not average out. Trade practice. */
    private static final double MOST_CHECKS = 4;

    /** As it is where nobody counted its checks. */
    public LeakdownTester(
            String name,
            TesterKind kind,
            Optional<Pressure> supply,
            Optional<Length> orifice,
            double dischargeCoefficient,
            double resolutionPoints,
            boolean calibrated) {
        this(name, kind, supply, orifice, dischargeCoefficient, resolutionPoints, calibrated ? 1 : 0);
    }

    /** The same tester at the supply that stood when it was read. */
    public LeakdownTester withSupply(Pressure stood) {
        return new LeakdownTester(
                name, kind, Optional.of(stood), orifice, dischargeCoefficient, resolutionPoints, checks);
    }

    /** The tester as two holes; empty where orifice or supply is unknown, or the dial shows zones only. */
    public Optional<TwoHoles> holes(Pressure ambientAbsolute) {
        return kind == TesterKind.ZONES
                ? Optional.empty()
                : supply.flatMap(s ->
                        orifice.map(o -> new TwoHoles(LeakArea.ofHole(o, dischargeCoefficient), s, ambientAbsolute)));
    }

    /** Whether the orifice was found with a bleed hole rather than taken from a data sheet. */
    public boolean calibrated() {
        return checks > 0;
    }

    /** One standard deviation of the orifice's area, as a share. Trade practice. */
    public double orificeSigma() {
        return calibrated() ? CALIBRATED_SIGMA * ofOneCheck() : UNCALIBRATED_SIGMA;
    }

    /** What is left of the uncertainty of one check after all of them, above 0, at most 1. */
    public double ofOneCheck() {
        return 1 / Math.sqrt(Math.max(1, Math.min(MOST_CHECKS, checks)));
    }

    /** How a leak-down tester shows its reading. */
    public enum TesterKind {
        TWO_GAUGES,
        PERCENT_DIAL,
        ZONES
    }
}
