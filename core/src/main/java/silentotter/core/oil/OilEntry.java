package silentotter.core.oil;

import java.util.OptionalDouble;

/**
 * One line of an oil log. Where a line has a dip and a top-up or a drain, the stick was read first.
 *
 * @param at distance or hours on the meter, in the unit of the axis
 * @param level litres from the full mark as the stick says, negative below it; empty where nobody dipped
 * @param added litres poured in, 0 or more
 * @param removed litres let out, 0 or more
 */
public record OilEntry(double at, OptionalDouble level, double added, double removed) {
    double poured() {
        return added - removed;
    }
}
