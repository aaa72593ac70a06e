package silentotter.core.comparison;

import silentotter.core.wording.Labelled;

/** What is compared, and on which scale. */
public enum Measure implements Labelled {
    /** In the natural logarithm of kPa at sea level: changes are shares. */
    COMPRESSION(true, false),
    /** In points of per cent on the master tester, so that testers compare. */
    LEAKDOWN(false, true),
    /** In the natural logarithm of litres a minute: changes are shares. */
    BLOWBY_IDLE(true, true),
    BLOWBY_HELD(true, true),
    BLOWBY_LOADED(true, true);

    private final boolean asShare;
    private final boolean moreIsWorse;

    Measure(boolean asShare, boolean moreIsWorse) {
        this.asShare = asShare;
        this.moreIsWorse = moreIsWorse;
    }

    /** Whether a change is said as a share of the value before, or in points. */
    public boolean asShare() {
        return asShare;
    }

    public boolean moreIsWorse() {
        return moreIsWorse;
    }

    public boolean ofCylinders() {
        return this == COMPRESSION || this == LEAKDOWN;
    }
}
