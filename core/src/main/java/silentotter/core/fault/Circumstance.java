package silentotter.core.fault;

import java.util.Map;

/**
 * What an engine is, as far as that makes a fault commoner; each line multiplies the prior. What was done to it is told at
 * the intake and weighed by the rules there. Judgement values from trade practice.
 */
public enum Circumstance {
    GAS_FUEL("gas fuel", "the exhaust seat runs hotter and drier", Map.of(Cause.EXHAUST_VALVE, 2.0)),
    AIR_COOLED("air cooling", "the exhaust seat runs hotter", Map.of(Cause.EXHAUST_VALVE, 2.0)),
    THROTTLE_SHUT("throttle stated shut", "a cylinder that gets no air reads low", Map.of()),
    RELEASE_FITTED("compression release fitted", "it lets some of every stroke out", Map.of());

    /** With the throttle stated shut, or a release, it is as likely as not that this is what lowers the readings. */
    public static final double LOWERED_BY_MEASURING = .5;

    private final String when;
    private final String because;
    private final Map<Cause, Double> factors;

    Circumstance(String when, String because, Map<Cause, Double> factors) {
        this.when = when;
        this.because = because;
        this.factors = factors;
    }

    public String when() {
        return when;
    }

    public String because() {
        return because;
    }

    /** How many times likelier each cause is; causes that are not touched are left out. */
    public Map<Cause, Double> factors() {
        return factors;
    }

    boolean lowersAllAlike() {
        return this == THROTTLE_SHUT || this == RELEASE_FITTED;
    }
}
