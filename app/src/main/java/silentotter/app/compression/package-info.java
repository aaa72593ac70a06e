/** The compression test as a part of the job. */
@NullMarked
package silentotter.app.compression;

import org.jspecify.annotations.NullMarked;
