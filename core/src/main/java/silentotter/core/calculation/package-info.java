/** Formulas that can be asked for without a job, each with its allowed ranges. */
@NullMarked
package silentotter.core.calculation;

import org.jspecify.annotations.NullMarked;
