/** What was found when an engine was opened or mended, and what that says of each fault that was suspected. */
@NullMarked
package silentotter.core.found;

import org.jspecify.annotations.NullMarked;
