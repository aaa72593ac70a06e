/** The round: its stations in the order of the work. */
@NullMarked
package silentotter.core.round;

import org.jspecify.annotations.NullMarked;
