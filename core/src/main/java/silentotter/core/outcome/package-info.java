/** What was predicted, kept as it was, and held against what was found; and what a shop's record says of its certainty. */
@NullMarked
package silentotter.core.outcome;

import org.jspecify.annotations.NullMarked;
