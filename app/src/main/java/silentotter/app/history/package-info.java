/** An engine across its jobs: its whole life on one page, and two visits held against each other. */
@NullMarked
package silentotter.app.history;

import org.jspecify.annotations.NullMarked;
