/** What a record of a job says: everything that was observed in, one interpretation out. Needs no database. */
@NullMarked
package silentotter.core.interpretation;

import org.jspecify.annotations.NullMarked;
