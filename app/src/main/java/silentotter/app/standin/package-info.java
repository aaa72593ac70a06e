/** Instruments that nobody has to own, on loopback ports of this machine. */
@NullMarked
package silentotter.app.standin;

import org.jspecify.annotations.NullMarked;
