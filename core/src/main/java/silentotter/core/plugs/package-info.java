/** Spark plugs: what is seen on each, read as a set first, then plug by plug. */
@NullMarked
package silentotter.core.plugs;

import org.jspecify.annotations.NullMarked;
