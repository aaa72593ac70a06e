package silentotter.core.quantity;

/**
 * A crankshaft speed in turns a minute.
 *
 * @param rpm finite, not negative
 */
public record CrankSpeed(double rpm) implements Comparable<CrankSpeed> {
    public CrankSpeed {
        Quantities.notNegative("crank speed", rpm);
    }

    public static CrankSpeed ofRpm(double rpm) {
        return new CrankSpeed(rpm);
    }

    public double degreesPerSecond() {
        return rpm * 6;
    }

    @Override
    public int compareTo(CrankSpeed other) {
        return Double.compare(rpm, other.rpm);
    }

    @Override
    public String toString() {
        return rpm + " rpm";
    }
}
