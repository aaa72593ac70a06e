package silentotter.core.quantity;

/**
 * An effective leak area in square millimetres: discharge coefficient times geometric area, the one quantity in which
 * compression, leak-down and blow-by can be compared.
 *
 * @param squareMm finite, not negative
 */
public record LeakArea(double squareMm) implements Comparable<LeakArea> {
    public LeakArea {
        Quantities.notNegative("leak area", squareMm);
    }

    public static LeakArea ofSquareMm(double squareMm) {
        return new LeakArea(squareMm);
    }

    /** The effective area of a round hole: discharge coefficient times geometric area. */
    public static LeakArea ofHole(Length diameter, double dischargeCoefficient) {
        return new LeakArea(dischargeCoefficient * Math.PI / 4 * diameter.mm() * diameter.mm());
    }

    /** Diameter of the ideal round hole (discharge coefficient 1) with this area. */
    public Length equivalentHole() {
        return Length.ofMm(Math.sqrt(4 * squareMm / Math.PI));
    }

    public double squareMetres() {
        return squareMm * 1e-6;
    }

    public LeakArea times(double factor) {
        return new LeakArea(squareMm * factor);
    }

    /** What is left after another leak is taken off; never below zero. */
    public LeakArea minus(LeakArea other) {
        return new LeakArea(Math.max(0, squareMm - other.squareMm));
    }

    @Override
    public int compareTo(LeakArea other) {
        return Double.compare(squareMm, other.squareMm);
    }

    @Override
    public String toString() {
        return squareMm + " mm²";
    }
}
