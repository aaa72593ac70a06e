/** What is looked at before the gauges as a part of the job, with its photos. */
@NullMarked
package silentotter.app.examination;

import org.jspecify.annotations.NullMarked;
