/** Steps of a job, so that the last one can be undone, and the trail of what was put right. */
@NullMarked
package silentotter.app.change;

import org.jspecify.annotations.NullMarked;
