package silentotter.core.quantity;

import java.util.Arrays;

/** The units that compression gauges are printed in. */
public enum PressureUnit {
    KPA("kPa", 1),
    BAR("bar", 100),
    PSI("psi", 6.894757293168361);

    private final String symbol;
    private final double kPa;

    PressureUnit(String symbol, double kPa) {
        this.symbol = symbol;
        this.kPa = kPa;
    }

    /** The symbol as written on a gauge: kPa, bar or psi. */
    public String symbol() {
        return symbol;
    }

    /** One of this unit, kPa. */
    public double inKPa() {
        return kPa;
    }

    /**
     * Reads a unit symbol, whatever its case.
     *
     * @throws IllegalArgumentException when it is none of kPa, bar, psi
     */
    public static PressureUnit parse(String symbol) {
        return Arrays.stream(values())
                .filter(u -> u.symbol.equalsIgnoreCase(symbol.strip()))
                .findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException("unit must be kPa, bar or psi, but was '" + symbol + "'"));
    }
}
