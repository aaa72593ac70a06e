/** The engines of the shop and their service logs. */
@NullMarked
package silentotter.app.engine;

import org.jspecify.annotations.NullMarked;
