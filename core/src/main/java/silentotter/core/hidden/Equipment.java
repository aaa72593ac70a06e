package silentotter.core.hidden;

import java.util.Optional;
import silentotter.core.instruments.LeakdownTester;

/**
 * How honest the instruments of a hidden bench are.
 *
 * @param testerFactor the leak-down tester's orifice over what it is said to be; 1 where it is honest
 * @param adapterMm2 leak of the adapter in the plug hole, mm²; 0 where it is tight
 * @param tester the leak-down tester as it is stamped; whichever lies there where empty
 */
public record Equipment(double testerFactor, double adapterMm2, Optional<LeakdownTester> tester) {
    public static final Equipment HONEST = new Equipment(1, 0);

    /** With whichever tester lies there. */
    public Equipment(double testerFactor, double adapterMm2) {
        this(testerFactor, adapterMm2, Optional.empty());
    }
}
