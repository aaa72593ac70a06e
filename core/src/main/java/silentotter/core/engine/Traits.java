package silentotter.core.engine;

import java.util.Optional;

/** What kind of engine it is; everything may be unknown. */
public record Traits(
        Optional<Cycle> cycle,
        Optional<Ignition> ignition,
        Optional<Fuel> fuel,
        Optional<FuelSystem> fuelSystem,
        Optional<Induction> induction,
        Optional<Cooling> cooling,
        Optional<Exhaust> exhaust,
        Optional<Boolean> compressionRelease,
        Optional<Double> ratedPowerKw,
        Optional<Double> ratedRpm) {
    public static final Traits UNKNOWN = new Traits(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    /** What carries the heat away. */
    public enum Cooling {
        LIQUID,
        AIR
    }

    /** Wet: water is injected into the exhaust, as on boats. */
    public enum Exhaust {
        DRY,
        WET
    }

    /** What the engine burns. */
    public enum Fuel {
        PETROL,
        DIESEL,
        GAS
    }

    /** Where the fuel meets the air. */
    public enum FuelSystem {
        CARBURETTOR,
        PORT_INJECTION,
        DIRECT_INJECTION
    }

    /** What lights the charge. */
    public enum Ignition {
        SPARK,
        COMPRESSION
    }

    /** How the air gets in. */
    public enum Induction {
        NATURAL,
        TURBO,
        SUPERCHARGED
    }
}
