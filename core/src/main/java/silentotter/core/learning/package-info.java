/** What a shop learns from its own outcomes, by a stated rule: how often faults come, what signs are worth, how gauges repeat. */
@NullMarked
package silentotter.core.learning;

import org.jspecify.annotations.NullMarked;
