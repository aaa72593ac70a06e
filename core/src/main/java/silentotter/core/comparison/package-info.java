/** One engine held against itself over months, like with like: what changed beyond what its gauges and conditions leave open. */
@NullMarked
package silentotter.core.comparison;

import org.jspecify.annotations.NullMarked;
