/** The crankcase of a two-stroke: whether it holds pressure and vacuum. */
@NullMarked
package silentotter.core.crankcase;

import org.jspecify.annotations.NullMarked;
