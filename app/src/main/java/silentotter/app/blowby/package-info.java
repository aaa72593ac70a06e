/** Crankcase blow-by: readings, the shop's adapters and gauges, files. */
@NullMarked
package silentotter.app.blowby;

import org.jspecify.annotations.NullMarked;
