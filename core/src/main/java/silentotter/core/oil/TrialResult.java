package silentotter.core.oil;

import java.time.LocalDate;
import java.util.Optional;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Worded;

/**
 * What a trial found.
 *
 * @param during as the primary axis counts, like before and after it; empty with fewer than two dips there
 * @param gramsPerKwh at its load
 * @param aborted whether the stick reached the abort mark
 */
public record TrialResult(
        LocalDate from,
        Optional<Estimate<Double>> before,
        Optional<Estimate<Double>> during,
        Optional<Estimate<Double>> after,
        Optional<Estimate<Double>> gramsPerKwh,
        int checkpoints,
        boolean aborted,
        String says)
        implements Worded {}
