/** What the shop has chosen once for all its jobs. */
@NullMarked
package silentotter.app.shop;

import org.jspecify.annotations.NullMarked;
