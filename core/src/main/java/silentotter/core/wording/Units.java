package silentotter.core.wording;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/** The units in which somebody reads: one for each kind of quantity, the metric one where none was asked for. */
public final class Units {
    public static final Units METRIC = new Units(Map.of());

    /** The kinds of quantity that sentences carry, each with the mark that names its base unit. */
    private enum Kind {
        PRESSURE("kPa"),
        CRANKCASE("Pa"),
        OIL_RATE("Lp1000km"),
        AREA("mm2"),
        LENGTH("mm"),
        DOSE("mL"),
        TEMPERATURE("C"),
        VOLUME("L"),
        DISTANCE("km");

        private final String mark;

        Kind(String mark) {
            this.mark = mark;
        }
    }

    /** A further unit is one line here and one on the screen, where numbers are typed in it. */
    private enum Unit {
        KPA(Kind.PRESSURE, "kPa", 1, 0, 0),
        BAR(Kind.PRESSURE, "bar", 100, 0, 1),
        PSI(Kind.PRESSURE, "psi", 6.894757293168361, 0, 0),
        PA(Kind.CRANKCASE, "Pa", 1, 0, 0),
        INCH_OF_WATER(Kind.CRANKCASE, "inH2O", 249.089, 0, 2),
        LITRE_PER_1000_KM(Kind.OIL_RATE, "L/1000 km", 1, 0, 2),
        QUART_PER_1000_MI(Kind.OIL_RATE, "US qt/1000 mi", 0.946352946 / 1.609344, 0, 2),
        MM2(Kind.AREA, "mm²", 1, 0, 2),
        MM(Kind.LENGTH, "mm", 1, 0, 0),
        INCH(Kind.LENGTH, "in", 25.4, 0, 2),
        ML(Kind.DOSE, "mL", 1, 0, 1),
        CELSIUS(Kind.TEMPERATURE, "°C", 1, 0, 0),
        FAHRENHEIT(Kind.TEMPERATURE, "°F", 5.0 / 9, -160.0 / 9, 0),
        LITRE(Kind.VOLUME, "L", 1, 0, 2),
        US_QUART(Kind.VOLUME, "US qt", 0.946352946, 0, 2),
        KILOMETRE(Kind.DISTANCE, "km", 1, 0, 0),
        MILE(Kind.DISTANCE, "mi", 1.609344, 0, 0);

        private final Kind kind;
        private final String symbol;
        private final double factor;
        private final double offset;
        private final int decimals;

        Unit(Kind kind, String symbol, double factor, double offset, int decimals) {
            this.kind = kind;
            this.symbol = symbol;
            this.factor = factor;
            this.offset = offset;
            this.decimals = decimals;
        }

        /** How it is asked for where only plain letters can be sent: {@code US qt}, {@code F}. */
        private boolean isAskedForBy(String name) {
            return name.strip().replace("°", "").equalsIgnoreCase(symbol.replace("°", ""));
        }
    }

    private final Map<Kind, Unit> chosen;

    private Units(Map<Kind, Unit> chosen) {
        this.chosen = chosen;
    }

    /** @param names such as {@code psi, US qt, F}; what names no unit is left out, so that a newer screen can ask for more */
    public static Units of(String names) {
        Map<Kind, Unit> chosen = new EnumMap<>(Kind.class);
        for (String name : names.split(",")) {
            Arrays.stream(Unit.values())
                    .filter(u -> u.isAskedForBy(name))
                    .findFirst()
                    .ifPresent(u -> chosen.put(u.kind, u));
        }
        return new Units(chosen);
    }

    /** A number and the symbol of its unit, for a column that has its unit at one end. */
    public record Figure(String number, String unit) {}

    /** A value in the unit asked for, with its symbol; empty when no quantity has this mark. */
    Optional<String> inWords(String mark, double base) {
        return figure(mark, base).map(f -> f.number() + " " + f.unit());
    }

    /** @param mark that {@link Say sentences} carry for this kind of quantity */
    public Optional<Figure> figure(String mark, double base) {
        return Arrays.stream(Kind.values())
                .filter(k -> k.mark.equals(mark))
                .findFirst()
                .map(kind -> {
                    Unit unit = chosen.getOrDefault(kind, usual(kind));
                    // Of the number as it is stored, as the screen rounds too: both must show the same.
                    BigDecimal exact = new BigDecimal((base - unit.offset) / unit.factor);
                    String number = kind == Kind.AREA
                            ? inTwoDigits(exact)
                            : exact.setScale(unit.decimals, RoundingMode.HALF_UP)
                                    .toPlainString();
                    return new Figure(number.replace("-", "−"), unit.symbol);
                });
    }

    /** No leak is known better than that, and how well it is known the sentence has rounded it to already. */
    private static String inTwoDigits(BigDecimal area) {
        int decimals = area.doubleValue() < 1 ? 2 : area.doubleValue() < 10 ? 1 : 0;
        BigDecimal rounded = area.setScale(decimals, RoundingMode.HALF_UP).stripTrailingZeros();
        return rounded.setScale(Math.max(0, rounded.scale()), RoundingMode.UNNECESSARY)
                .toPlainString();
    }

    private static Unit usual(Kind kind) {
        return Arrays.stream(Unit.values())
                .filter(u -> u.kind == kind)
                .findFirst()
                .orElseThrow();
    }
}
