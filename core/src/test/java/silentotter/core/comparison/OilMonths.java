package silentotter.core.comparison;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Visits on which only oil use is known, for tests. */
final class OilMonths {
    private OilMonths() {}

    static Visit used(int month, double mlPerHour, double sigma) {
        return new Visit(
                900 + month,
                LocalDate.of(2025, 1, 10).plusMonths(month),
                Optional.of(100.0 * month),
                Optional.empty(),
                "",
                false,
                Optional.empty(),
                List.of(Measured.points(
                        Measure.OIL_PER_HOUR, Optional.empty(), mlPerHour, sigma, false, Measured.Range.ANY)),
                Map.of(),
                Map.of(Measure.OIL_PER_HOUR, Settings.NONE));
    }
}
