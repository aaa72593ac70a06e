package silentotter.core.inference;

/**
 * The instruments that a test still to be done would be done with, on this engine: what they would read is worked out from
 * these.
 *
 * @param cranking the compression gauge on a cranked cylinder
 * @param poured the same with the usual dose of oil on the crown, at each share that stays; empty where no oil may go in
 * @param lnStaticSigma spread of ln(leak at cranking speed / leak at rest)
 * @param tester the leak-down tester
 * @param lnBiasSigma how far it may be off, ln of the area
 * @param litresPerArea blow-by per mm² of running leak, L/min
 * @param hot whether the engine is or can be made warm
 */
public record AtHand(
        GaugeCurve cranking,
        GaugeCurve[] poured,
        double lnStaticSigma,
        PercentCurve tester,
        double lnBiasSigma,
        double litresPerArea,
        boolean hot) {}
