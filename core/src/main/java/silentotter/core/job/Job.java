package silentotter.core.job;

import java.time.LocalDate;
import java.util.Optional;

/**
 * One visit of one engine.
 *
 * @param distanceKm on the meter, 0 or more
 * @param hours on the meter, 0 or more
 * @param owner whom the engine belongs to; empty where nobody said, like all texts here
 * @param craft or machine that it drives
 */
public record Job(
        LocalDate date,
        Optional<Double> distanceKm,
        Optional<Double> hours,
        String complaint,
        String technician,
        String owner,
        String craft,
        Ambient ambient) {}
