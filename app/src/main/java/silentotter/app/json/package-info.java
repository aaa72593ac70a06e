/** How values of the core stand in JSON. */
@NullMarked
package silentotter.app.json;

import org.jspecify.annotations.NullMarked;
