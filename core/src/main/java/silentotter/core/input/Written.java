package silentotter.core.input;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A value as somebody wrote it down. What could be read in two ways is refused and never guessed.
 *
 * @param at where it stands, for whoever has to look: "line 7"
 * @param name of what it is
 * @param separator between values there; where that is a comma, one within a number is not a decimal comma for sure
 */
public record Written(String at, String name, String text, char separator) {
    private static final Pattern NUMBER = Pattern.compile("[-+]?\\d+([.,]\\d+)?([eE][-+]?\\d+)?");
    /** A comma or point that may as well stand between thousands. */
    private static final Pattern TWO_WAYS = Pattern.compile("[-+]?[1-9]\\d{0,2}[.,]\\d{3}");

    private static final int LONGEST_SHOWN = 40;

    /** A number with a point or a comma; empty when it is none, which is collected. */
    public Optional<Double> number(Problems problems) {
        if (!NUMBER.matcher(text).matches()) {
            problems.add(at, name + " must be a number, but was '" + shortened() + "'");
            return Optional.empty();
        }
        boolean pointIsDecimal = separator == ',' && !text.contains(",");
        if (!pointIsDecimal && TWO_WAYS.matcher(text).matches()) {
            String decimal = text.replaceAll("[.,]", separator == ',' ? "." : ",") + "0";
            problems.add(
                    at,
                    name + " '" + text + "' can be read in two ways; write " + text.replaceAll("[.,]", "") + " or "
                            + decimal);
            return Optional.empty();
        }
        return Optional.of(Double.valueOf(text.replace(',', '.')));
    }

    /** A whole number from 1 to 999999; 0 where it is none, which is collected. */
    public int whole(Problems problems) {
        if (!text.matches("[1-9]\\d{0,5}")) {
            problems.add(at, name + " must be a whole number, but was '" + shortened() + "'");
            return 0;
        }
        return Integer.parseInt(text);
    }

    /** One of the choices, whatever its case; empty when it is none, which is collected. */
    public <E extends Enum<E>> Optional<E> choice(Class<E> type, Problems problems) {
        E[] all = type.getEnumConstants();
        Optional<E> found = Arrays.stream(all)
                .filter(e -> e.name().equals(text.toUpperCase(Locale.ROOT)))
                .findFirst();
        if (found.isEmpty()) {
            problems.add(FieldProblem.of(
                    at,
                    name + " '" + shortened() + "' is not one of the choices",
                    Arrays.stream(all).map(Enum::name).collect(Collectors.joining(", "))));
        }
        return found;
    }

    private String shortened() {
        return text.length() > LONGEST_SHOWN ? text.substring(0, LONGEST_SHOWN) + "…" : text;
    }
}
