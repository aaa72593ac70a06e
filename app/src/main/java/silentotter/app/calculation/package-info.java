/** Formulas over HTTP, without a job. */
@NullMarked
package silentotter.app.calculation;

import org.jspecify.annotations.NullMarked;
