/** The oil log of each engine, trials, and what falls due in the shop. */
@NullMarked
package silentotter.app.oil;

import org.jspecify.annotations.NullMarked;
