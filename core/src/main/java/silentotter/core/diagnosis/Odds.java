package silentotter.core.diagnosis;

import silentotter.core.wording.Labelled;

/** How probabilities are said. The same words mean the same everywhere. */
public enum Odds implements Labelled {
    PRACTICALLY_CERTAIN(.97),
    VERY_LIKELY(.85),
    LIKELY(.65),
    EVEN(.4),
    POSSIBLE(.15),
    UNLIKELY(.03),
    VERY_UNLIKELY(0);

    private final double from;

    Odds(double from) {
        this.from = from;
    }

    /** @param probability 0 to 1 */
    public static Odds of(double probability) {
        for (Odds odds : values()) {
            if (probability >= odds.from) {
                return odds;
            }
        }
        return VERY_UNLIKELY;
    }

    /** The probability from which these words are used. */
    public double from() {
        return from;
    }
}
