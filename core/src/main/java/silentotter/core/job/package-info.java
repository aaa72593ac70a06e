/** One visit of one engine: when, why, by whom, in what air. */
@NullMarked
package silentotter.core.job;

import org.jspecify.annotations.NullMarked;
