/** Which test to do next, and the round from here: what a test would settle, for its minutes. */
@NullMarked
package silentotter.core.planning;

import org.jspecify.annotations.NullMarked;
