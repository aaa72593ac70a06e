package silentotter.core.quantity;

/**
 * A temperature in degrees Celsius.
 *
 * @param celsius finite
 */
public record Temperature(double celsius) implements Comparable<Temperature> {
    public Temperature {
        Quantities.finite("temperature", celsius);
    }

    public static Temperature ofCelsius(double celsius) {
        return new Temperature(celsius);
    }

    public static Temperature ofKelvin(double kelvin) {
        return new Temperature(kelvin - 273.15);
    }

    public double kelvin() {
        return celsius + 273.15;
    }

    @Override
    public int compareTo(Temperature other) {
        return Double.compare(celsius, other.celsius);
    }

    @Override
    public String toString() {
        return celsius + " °C";
    }
}
