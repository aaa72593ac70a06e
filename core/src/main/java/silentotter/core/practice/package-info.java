/** A trainer: engines whose faults are hidden, what doing something to them shows, and what the evidence said afterwards. */
@NullMarked
package silentotter.core.practice;

import org.jspecify.annotations.NullMarked;
