package silentotter.core.found;

import silentotter.core.wording.Labelled;

/**
 * What is known of a fault at a place.
 *
 * @param how empty where nothing is known
 * @param because what was found, as a part of a sentence: "rings stuck"
 * @param whole whether so much was looked at that it could have come out either way; only then does it teach how often a
 *     fault comes, or a scored bore seen from above would count and a sound one would not
 */
public record Known(Truth truth, HowKnown how, String because, boolean whole) {
    public static final Known NOTHING = new Known(Truth.UNKNOWN, HowKnown.NOT_LOOKED_AT, "not looked at", false);

    /** Whether it was there. */
    public enum Truth implements Labelled {
        PRESENT,
        ABSENT,
        UNKNOWN
    }

    /** How sure that is, surest first. */
    public enum HowKnown implements Labelled {
        MEASURED,
        SEEN,
        REPAIR,
        NOT_LOOKED_AT
    }

    static Known present(HowKnown how, String because) {
        return new Known(Truth.PRESENT, how, because, true);
    }

    static Known absent(HowKnown how, String because) {
        return new Known(Truth.ABSENT, how, because, true);
    }

    Known wholeOnly(boolean could) {
        return new Known(truth, how, because, whole && could);
    }

    /** Whether it is known at all; no getter, so that results do not show it. */
    public boolean anything() {
        return truth != Truth.UNKNOWN;
    }

    public boolean shown() {
        return truth == Truth.PRESENT;
    }

    public boolean ruledOut() {
        return truth == Truth.ABSENT;
    }
}
