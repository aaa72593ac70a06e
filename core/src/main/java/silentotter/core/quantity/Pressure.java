package silentotter.core.quantity;

/**
 * A pressure in kilopascal. Gauge pressure unless the name of the variable or method says absolute.
 *
 * @param kPa finite; may be negative (a crankcase under suction)
 */
public record Pressure(double kPa) implements Comparable<Pressure> {
    /** The standard atmosphere, absolute. */
    public static final Pressure STANDARD_ATMOSPHERE = ofKPa(101.325);

    public Pressure {
        Quantities.finite("pressure", kPa);
    }

    public static Pressure ofKPa(double kPa) {
        return new Pressure(kPa);
    }

    public static Pressure ofPa(double pa) {
        return new Pressure(pa / 1000);
    }

    public static Pressure of(double value, PressureUnit unit) {
        return new Pressure(value * unit.inKPa());
    }

    public double in(PressureUnit unit) {
        return kPa / unit.inKPa();
    }

    public double pa() {
        return kPa * 1000;
    }

    public Pressure plus(Pressure other) {
        return new Pressure(kPa + other.kPa);
    }

    public Pressure minus(Pressure other) {
        return new Pressure(kPa - other.kPa);
    }

    public Pressure times(double factor) {
        return new Pressure(kPa * factor);
    }

    /** This pressure as a multiple of another; the other must not be zero. */
    public double ratioTo(Pressure other) {
        return kPa / other.kPa;
    }

    public boolean isBelow(Pressure other) {
        return kPa < other.kPa;
    }

    @Override
    public int compareTo(Pressure other) {
        return Double.compare(kPa, other.kPa);
    }

    @Override
    public String toString() {
        return kPa + " kPa";
    }
}
