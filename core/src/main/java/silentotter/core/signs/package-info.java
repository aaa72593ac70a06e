/** What is seen before anything is loosened: oil, coolant, outside leaks, breather, oil pressure, smoke. */
@NullMarked
package silentotter.core.signs;

import org.jspecify.annotations.NullMarked;
