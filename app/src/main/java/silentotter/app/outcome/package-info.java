/** Afterwards: predictions kept as they were, held against what was found, and what the shop learns from that. */
@NullMarked
package silentotter.app.outcome;

import org.jspecify.annotations.NullMarked;
