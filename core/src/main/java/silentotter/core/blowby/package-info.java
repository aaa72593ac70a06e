/** Crankcase blow-by: pressure as found and through an orifice, as flow, share of the air and ring area. */
@NullMarked
package silentotter.core.blowby;

import org.jspecify.annotations.NullMarked;
