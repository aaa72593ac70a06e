package silentotter.core.engine;

/**
 * The number of a cylinder, counted from 1.
 *
 * @param value 1 to 16
 */
public record CylinderNumber(int value) implements Comparable<CylinderNumber> {
    public static final int MOST = 16;

    public CylinderNumber {
        if (value < 1 || value > MOST) {
            throw new IllegalArgumentException("cylinder must be 1 to " + MOST + ", but was " + value);
        }
    }

    public static CylinderNumber of(int value) {
        return new CylinderNumber(value);
    }

    @Override
    public int compareTo(CylinderNumber other) {
        return Integer.compare(value, other.value);
    }

    @Override
    public String toString() {
        return Integer.toString(value);
    }
}
