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
}
