/** The engine as far as it is known: arrangement, firing, size, and the maker's limits with their sources. */
@NullMarked
package silentotter.core.engine;

import org.jspecify.annotations.NullMarked;
