/** What may be typed: the allowed range of every field in one table, and the error that names field, value and range. */
@NullMarked
package silentotter.core.input;

import org.jspecify.annotations.NullMarked;
