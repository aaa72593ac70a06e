/** How a job ends: when it was closed, and what the technician made of it. */
@NullMarked
package silentotter.core.closing;

import org.jspecify.annotations.NullMarked;
