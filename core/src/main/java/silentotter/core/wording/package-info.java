/** Sentences that carry quantities, so that every screen and print can show them in the user's units. */
@NullMarked
package silentotter.core.wording;

import org.jspecify.annotations.NullMarked;
