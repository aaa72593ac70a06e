/** The cranking compression test: readings, conditions, and everything that can be concluded from them alone. */
@NullMarked
package silentotter.core.compression;

import org.jspecify.annotations.NullMarked;
