/** What a gauge that speaks sends while something is measured, made into a reading. */
@NullMarked
package silentotter.core.capture;

import org.jspecify.annotations.NullMarked;
