/** A whole case out and in as a file, and the readings of one part as comma-separated values. */
@NullMarked
package silentotter.app.casefile;

import org.jspecify.annotations.NullMarked;
