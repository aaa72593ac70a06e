/** Why the engine is here and what is told of it: complaint, history, use, service log. */
@NullMarked
package silentotter.core.intake;

import org.jspecify.annotations.NullMarked;
