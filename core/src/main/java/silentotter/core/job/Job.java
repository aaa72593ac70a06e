package silentotter.core.job;

import java.time.LocalDate;
import java.util.Optional;

/**
 * One visit of one engine.
 *
 * @param distanceKm on the meter, 0 or more
 * @param hours on the meter, 0 or more
 */
public record Job(
        LocalDate date,
        Optional<Double> distanceKm,
        Optional<Double> hours,
        String complaint,
        String technician,
        Ambient ambient) {}
