package silentotter.core.scpi;

import java.util.Locale;
import java.util.Optional;

/**
 * A number as it stands in an answer: {@code +1.234500E+02}.
 *
 * @param value finite where it is a value
 */
public record ScpiNumber(Kind kind, double value) {
    /** What the standard sends for what is beyond the scale, and for no number at all (SCPI-99, 7.2.1.4 and 7.2.1.5). */
    private static final double INFINITY = 9.9e37;

    private static final double NOT_A_NUMBER = 9.91e37;

    /** What a number can be. */
    public enum Kind {
        VALUE,
        /** Beyond the end of the scale. */
        OVER,
        UNDER,
        NONE
    }

    /** @return empty where the text is no number */
    public static Optional<ScpiNumber> of(String text) {
        double value;
        try {
            value = Double.parseDouble(text.strip());
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
        // Java reads letters behind a number as its own types, and names of its own for what is no number.
        if (!text.strip().matches("[-+]?[0-9.]+([eE][-+]?[0-9]+)?")) {
            return Optional.empty();
        }
        Kind kind = value >= NOT_A_NUMBER * (1 - 1e-9)
                ? Kind.NONE
                : value >= INFINITY * (1 - 1e-9)
                        ? Kind.OVER
                        : value <= -INFINITY * (1 - 1e-9) ? Kind.UNDER : Kind.VALUE;
        return Optional.of(new ScpiNumber(kind, kind == Kind.VALUE ? value : Double.NaN));
    }

    /** As an instrument writes it. @param full the end of its scale, either way */
    public static String written(double value, double full) {
        double told = Double.isNaN(value) ? NOT_A_NUMBER : value > full ? INFINITY : value < -full ? -INFINITY : value;
        return String.format(Locale.ROOT, "%+.6E", told);
    }
}
