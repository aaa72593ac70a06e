package silentotter.core.engine;

import java.util.List;

/**
 * One row of cylinders.
 *
 * @param cylinders in physical order from the free end to the flywheel end; not empty
 */
public record Bank(BankSide side, List<CylinderNumber> cylinders) {
    public Bank {
        cylinders = List.copyOf(cylinders);
        if (cylinders.isEmpty()) {
            throw new IllegalArgumentException("a bank must hold at least one cylinder");
        }
    }

    public static Bank of(BankSide side, int... cylinders) {
        return new Bank(
                side,
                java.util.Arrays.stream(cylinders).mapToObj(CylinderNumber::of).toList());
    }

    /** Which bank, for somebody who stands at the flywheel end and looks towards the free end. */
    public enum BankSide {
        ONLY,
        LEFT,
        RIGHT
    }
}
