/** Instruments that nobody has to own: they speak as real ones do, and read an engine that is computed. */
@NullMarked
package silentotter.core.standin;

import org.jspecify.annotations.NullMarked;
