/** Valve clearances against their specification. */
@NullMarked
package silentotter.core.valves;

import org.jspecify.annotations.NullMarked;
