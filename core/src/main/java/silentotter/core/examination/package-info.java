/** Everything looked at before the gauges, in one record, and what it says together. */
@NullMarked
package silentotter.core.examination;

import org.jspecify.annotations.NullMarked;
