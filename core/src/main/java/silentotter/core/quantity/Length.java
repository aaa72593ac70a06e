package silentotter.core.quantity;

/**
 * A length in millimetres: bore, stroke, clearance, gap.
 *
 * @param mm finite, not negative
 */
public record Length(double mm) implements Comparable<Length> {
    public Length {
        Quantities.notNegative("length", mm);
    }

    public static Length ofMm(double mm) {
        return new Length(mm);
    }

    public double metres() {
        return mm / 1000;
    }

    public Length times(double factor) {
        return new Length(mm * factor);
    }

    @Override
    public int compareTo(Length other) {
        return Double.compare(mm, other.mm);
    }

    @Override
    public String toString() {
        return mm + " mm";
    }
}
