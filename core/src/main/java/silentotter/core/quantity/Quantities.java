package silentotter.core.quantity;

/** Guards shared by the quantity types of this package. */
final class Quantities {
    private Quantities() {}

    static double finite(String name, double value) {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException(name + " must be a finite number, but was " + value);
        }
        return value;
    }

    static double notNegative(String name, double value) {
        if (finite(name, value) < 0) {
            throw new IllegalArgumentException(name + " must not be negative, but was " + value);
        }
        return value;
    }
}
