/** Instruments of the shop that speak: where they stand, what they say they are, and what they read now. */
@NullMarked
package silentotter.app.instrument;

import org.jspecify.annotations.NullMarked;
