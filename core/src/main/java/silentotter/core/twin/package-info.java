/** The cranking twin: what a gauge will read on a cylinder of given size, speed and leak. */
@NullMarked
package silentotter.core.twin;

import org.jspecify.annotations.NullMarked;
