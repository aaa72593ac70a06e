package silentotter.core.scpi;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import silentotter.core.wording.Labelled;

/** What an instrument that speaks is, and how it is asked. */
public enum InstrumentKind implements Labelled {
    /** In a plug hole, behind a check valve. */
    COMPRESSION("MEAS:PRES?", "KPA", true, 2000),
    /** Supply and cylinder. */
    LEAKDOWN("MEAS:PRES?", "KPA", true, 1000),
    /** On the crankcase. */
    MANOMETER("MEAS:PRES?", "PA", true, 2500),
    /** Round the starter's cable. */
    STARTER_CURRENT("MEAS:CURR?", "A", false, 600);

    /** Pascals in one of each unit that the standard has for pressures (SCPI-99, volume 1, 7.4), as far as gauges use them. */
    private static final Map<String, Double> PASCALS =
            Map.of("PA", 1.0, "KPA", 1000.0, "MPA", 1e6, "BAR", 1e5, "MBAR", 100.0, "PSI", 6894.757293168361);

    private final String query;
    private final String unit;
    private final boolean pressure;
    private final double usualFull;

    InstrumentKind(String query, String unit, boolean pressure, double usualFull) {
        this.query = query;
        this.unit = unit;
        this.pressure = pressure;
        this.usualFull = usualFull;
    }

    public String query() {
        return query;
    }

    /** How it is asked for its unit; empty where there is only one. */
    public Optional<String> unitQuery() {
        return pressure ? Optional.of("UNIT:PRES?") : Optional.empty();
    }

    /** Values of one sample. */
    public int channels() {
        return this == LEAKDOWN ? 2 : 1;
    }

    /** In which its values are kept and shown. */
    public String unit() {
        return unit;
    }

    /** Where the scale of one that does not say so ends, in its unit. Trade practice. */
    public double usualFull() {
        return usualFull;
    }

    /** Whether it can read in a unit. @param sent as the instrument says it */
    public boolean reads(String sent) {
        String name = sent.toUpperCase(Locale.ROOT);
        return pressure ? PASCALS.containsKey(name) : name.equals(unit);
    }

    /** @param sent a unit that it can read in; any other leaves the value as it is */
    public double inOurUnit(String sent, double value) {
        return pressure && reads(sent) ? value * PASCALS.get(sent.toUpperCase(Locale.ROOT)) / PASCALS.get(unit) : value;
    }
}
