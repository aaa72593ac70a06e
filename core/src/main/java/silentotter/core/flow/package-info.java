/** Compressible flow of air through small holes, the physics that all seal tests share. */
@NullMarked
package silentotter.core.flow;

import org.jspecify.annotations.NullMarked;
