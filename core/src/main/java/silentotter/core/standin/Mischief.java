package silentotter.core.standin;

/**
 * What is wrong with an instrument, on request.
 *
 * @param noise one standard deviation of each sample, as a share of the full scale, 0 to 0.1
 * @param valveSeconds in which a leaking check valve loses all but a third of what it holds; infinite where it is tight
 * @param droop by how much a regulator falls when air flows, as a share, 0 to 0.5
 * @param slippedUnit whether it answers in bar and says kPa
 */
public record Mischief(double noise, double valveSeconds, double droop, boolean slippedUnit) {
    public static final Mischief NONE = new Mischief(0, Double.POSITIVE_INFINITY, 0, false);

    /** Of a sound instrument, as the trade knows them. */
    public static final Mischief USUAL = new Mischief(.001, Double.POSITIVE_INFINITY, 0, false);

    public Mischief {
        if (noise < 0 || noise > .1 || !(valveSeconds > 0) || droop < 0 || droop > .5) {
            throw new IllegalArgumentException("no instrument is that bad");
        }
    }
}
