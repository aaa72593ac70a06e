/** The gauges and testers a shop owns, and how far each can be trusted. */
@NullMarked
package silentotter.core.instruments;

import org.jspecify.annotations.NullMarked;
