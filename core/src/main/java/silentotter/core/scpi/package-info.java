/** The text protocol that bench instruments speak (SCPI-99 over IEEE 488.2): lines, headers, numbers, errors. */
@NullMarked
package silentotter.core.scpi;

import org.jspecify.annotations.NullMarked;
