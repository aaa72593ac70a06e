package silentotter.core.comparison;

import silentotter.core.wording.Labelled;
import silentotter.core.wording.Say;
import silentotter.core.wording.Units;
import silentotter.core.wording.Units.Figure;

/** What is compared, and on which scale. */
public enum Measure implements Labelled {
    /** kPa at sea level. */
    COMPRESSION(Scale.SHARE, false, true, .025, .012),
    /** Per cent of the dry reading that oil in the cylinder adds, its own volume included. */
    WET_RISE(Scale.POINTS, true, true, 3, 2),
    /** Per cent on the master tester, so that testers compare. */
    LEAKDOWN(Scale.POINTS, true, true, 1.5, 1),
    /** Per cent of its pressure that a crank chamber loses in a minute. */
    CRANKCASE_LOSS(Scale.POINTS, true, true, 1, 1),
    /** Litres a minute. */
    BLOWBY_IDLE(Scale.SHARE, true, false, .12, 0),
    BLOWBY_HELD(Scale.SHARE, true, false, .12, 0),
    BLOWBY_LOADED(Scale.SHARE, true, false, .12, 0),
    /** Litres per 1000 km since the visit before. */
    OIL_PER_DISTANCE(Scale.AMOUNT, true, false, .02, 0),
    /** Millilitres an hour since the visit before. */
    OIL_PER_HOUR(Scale.AMOUNT, true, false, 1, 0);

    /** How a change is told. */
    enum Scale {
        /** As a share of the value before; compared in the natural logarithm. */
        SHARE,
        /** In points of per cent. */
        POINTS,
        /** In the unit of the value: it may be nothing, and a share of nothing says nothing. */
        AMOUNT
    }

    private final Scale scale;
    private final boolean moreIsWorse;
    private final boolean ofCylinders;
    private final double together;
    private final double alone;

    Measure(Scale scale, boolean moreIsWorse, boolean ofCylinders, double together, double alone) {
        this.scale = scale;
        this.moreIsWorse = moreIsWorse;
        this.ofCylinders = ofCylinders;
        this.together = together;
        this.alone = alone;
    }

    Scale scale() {
        return scale;
    }

    public boolean moreIsWorse() {
        return moreIsWorse;
    }

    public boolean ofCylinders() {
        return ofCylinders;
    }

    /** By this all cylinders move together between two days, one standard deviation on the scale. Trade practice. */
    double together() {
        return together;
    }

    /** And one of them against its sisters by this. Trade practice. */
    double alone() {
        return alone;
    }

    /** A change as it is told, of one on the scale. */
    double told(double scaled) {
        return scale == Scale.SHARE ? Math.exp(scaled) - 1 : scaled;
    }

    /** A value as somebody reads it. */
    public Figure figure(double value, Units units) {
        return switch (this) {
            case COMPRESSION -> units.figure("kPa", value).orElseThrow();
            case OIL_PER_DISTANCE -> units.figure("Lp1000km", value).orElseThrow();
            case OIL_PER_HOUR -> new Figure(whole(value), "mL/h");
            case WET_RISE, LEAKDOWN -> new Figure(whole(value), "%");
            case CRANKCASE_LOSS -> new Figure(whole(value), "% a minute");
            case BLOWBY_IDLE, BLOWBY_HELD, BLOWBY_LOADED -> new Figure(whole(value), "L/min");
        };
    }

    /** A change in words, without its sign. @param change as it is told */
    String amount(double change) {
        double size = Math.abs(change);
        return switch (scale) {
            case SHARE -> Say.percent(size);
            case POINTS -> whole(size) + " points";
            case AMOUNT -> this == OIL_PER_DISTANCE ? Say.litresPer1000Km(size) : whole(size) + " mL/h";
        };
    }

    /** The same with its sign; what rounds to nothing has none. */
    public String moved(double change) {
        double least = scale == Scale.SHARE ? .005 : this == OIL_PER_DISTANCE ? .005 : .5;
        return (Math.abs(change) < least ? "" : change < 0 ? "−" : "+") + amount(change);
    }

    private static String whole(double value) {
        return Say.number(Math.rint(value) + 0.0).replace('-', '−');
    }
}
