/** The jobs of the shop. */
@NullMarked
package silentotter.app.job;

import org.jspecify.annotations.NullMarked;
