package silentotter.core.oil;

import java.time.LocalDate;
import java.util.Optional;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Worded;

/**
 * The rate before and after something that was done.
 *
 * @param before litres, or stick units, per 1000 km, 100 h or 30 days, as the primary axis counts
 * @param differs whether the two differ beyond their intervals
 */
public record OilChange(
        Optional<LocalDate> date,
        String what,
        Estimate<Double> before,
        Estimate<Double> after,
        boolean differs,
        String says)
        implements Worded {}
