package silentotter.core.hidden;

/**
 * How honest the instruments of a hidden bench are.
 *
 * @param testerFactor the leak-down tester's orifice over what it is said to be; 1 where it is honest
 * @param adapterMm2 leak of the adapter in the plug hole, mm²; 0 where it is tight
 */
public record Equipment(double testerFactor, double adapterMm2) {
    public static final Equipment HONEST = new Equipment(1, 0);
}
