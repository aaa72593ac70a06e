/** The round planned and what to do weighed, for a stored job and for a case file, and what work costs in this shop. */
@NullMarked
package silentotter.app.plan;

import org.jspecify.annotations.NullMarked;
