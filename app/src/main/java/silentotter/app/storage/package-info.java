/** The records: one file, one that writes, some that read; backup and restore. */
@NullMarked
package silentotter.app.storage;

import org.jspecify.annotations.NullMarked;
