package silentotter.core.crankcase;

import java.util.Optional;

/**
 * One hold: pumped up (or down), shut, and watched.
 *
 * @param startKPa size of the pressure or vacuum at the start, 5 to 100 kPa
 * @param endKPa the same at the end, 0 to 100 kPa
 * @param seconds how long it was watched, 5 to 3600 s
 */
public record HoldRun(Optional<Double> startKPa, Optional<Double> endKPa, Optional<Double> seconds) {
    /** Loss in kPa a minute; empty until all three are there. */
    public Optional<Double> lossPerMinute() {
        if (startKPa.isEmpty() || endKPa.isEmpty() || seconds.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of((startKPa.get() - endKPa.get()) / seconds.get() * 60);
    }
}
