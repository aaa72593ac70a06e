/** What to do about an engine: what each course costs, cures and leaves, in money and risk. */
@NullMarked
package silentotter.core.decision;

import org.jspecify.annotations.NullMarked;
