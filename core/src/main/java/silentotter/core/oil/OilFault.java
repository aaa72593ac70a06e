package silentotter.core.oil;

import java.util.List;
import java.util.Optional;
import silentotter.core.wording.Worded;

/**
 * Something in a log that cannot be as it is written.
 *
 * @param entries the lines it is about
 * @param litres how much, where it is an amount and a litre is known on this stick
 * @param says what it looks like, where and how much
 * @param check the cheapest thing that decides
 */
public record OilFault(OilFaultKind kind, List<Integer> entries, Optional<Double> litres, String says, String check)
        implements Worded {}
