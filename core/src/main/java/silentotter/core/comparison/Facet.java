package silentotter.core.comparison;

import silentotter.core.wording.Labelled;
import silentotter.core.wording.Say;

/**
 * What has to be alike for two visits to compare, and what it costs where it is not: how far it may move all cylinders
 * together, as one standard deviation on the scale of the measure. Trade practice.
 */
public enum Facet implements Labelled {
    GAUGE(.03),
    TEMPERATURE(.04),
    STROKES(.04),
    SPEED(.03),
    PLUGS_OUT(.03),
    THROTTLE(Facet.NOT_COMPARABLE),
    RELEASE(Facet.NOT_COMPARABLE),
    TESTER(2),
    KNOWN_ORIFICE(3),
    OIL_PUT_IN(6),
    HELD_FROM(2),
    STATE(4),
    ORIFICE(.06);

    private static final double NOT_COMPARABLE = Double.POSITIVE_INFINITY;

    private final double sigma;

    Facet(double sigma) {
        this.sigma = sigma;
    }

    /** Infinite where what differs in it does not compare at all. */
    double sigma() {
        return sigma;
    }

    /** The same for a reader: per cent, or points of leak-down. */
    public String inWords() {
        return Double.isInfinite(sigma)
                ? "does not compare"
                : sigma < 1 ? Say.percent(sigma) : Say.number(sigma) + " points";
    }
}
