package silentotter.core.quantity;

/**
 * A volume in millilitres: cylinder, hose, gauge, oil.
 *
 * @param millilitres finite, not negative
 */
public record Volume(double millilitres) implements Comparable<Volume> {
    public Volume {
        Quantities.notNegative("volume", millilitres);
    }

    public static Volume ofMillilitres(double millilitres) {
        return new Volume(millilitres);
    }

    public static Volume ofLitres(double litres) {
        return new Volume(litres * 1000);
    }

    public static Volume ofCubicMetres(double cubicMetres) {
        return new Volume(cubicMetres * 1e6);
    }

    public double cubicMetres() {
        return millilitres * 1e-6;
    }

    public double litres() {
        return millilitres / 1000;
    }

    public Volume plus(Volume other) {
        return new Volume(millilitres + other.millilitres);
    }

    public Volume times(double factor) {
        return new Volume(millilitres * factor);
    }

    @Override
    public int compareTo(Volume other) {
        return Double.compare(millilitres, other.millilitres);
    }

    @Override
    public String toString() {
        return millilitres + " mL";
    }
}
