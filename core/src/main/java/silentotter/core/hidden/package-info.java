/**
 * Engines whose faults are hidden, drawn from a seed: what a workshop would read on them, with the mistakes of the trade.
 * Their physics and habits are drawn anew for each engine and are not those that the diagnosis assumes.
 */
@NullMarked
package silentotter.core.hidden;

import org.jspecify.annotations.NullMarked;
