package silentotter.core.compression;

import java.util.Optional;
import silentotter.core.engine.Engine;
import silentotter.core.instruments.CompressionGauge;
import silentotter.core.quantity.CrankSpeed;

/** How a pass was taken; whatever was not written down stays empty and costs certainty. */
public record Conditions(
        Optional<EngineTemperature> temperature,
        Optional<Throttle> throttle,
        Optional<PlugsOut> plugsOut,
        Optional<CrankSpeed> crankingSpeed,
        Optional<Double> batteryVolts,
        Optional<CrankingLength> length,
        CompressionGauge gauge,
        Optional<Boolean> fuelDisabled,
        Optional<Boolean> sparkDisabled,
        Optional<Boolean> releaseDisabled) {
    public static final Conditions UNKNOWN = new Conditions(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            CompressionGauge.UNKNOWN,
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    /** Whether a compression release let some of every stroke out; one that was put out of action did not. */
    public boolean isReleased(Engine engine) {
        return engine.hasCompressionRelease() && !releaseDisabled.orElse(false);
    }

    public boolean cold() {
        return temperature.filter(t -> t == EngineTemperature.COLD).isPresent();
    }

    public boolean throttleShut() {
        return throttle.filter(t -> t == Throttle.SHUT).isPresent();
    }

    /** How the throttle stood. */
    public enum Throttle {
        WIDE_OPEN,
        SHUT,
        NONE
    }

    /** Which plugs (glow plugs, injectors) were out. */
    public enum PlugsOut {
        ALL,
        ONE_AT_A_TIME
    }

    /** How warm the engine was. */
    public enum EngineTemperature {
        HOT,
        WARM,
        COLD
    }
}
