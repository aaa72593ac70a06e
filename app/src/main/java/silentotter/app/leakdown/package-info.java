/** Leak-down as a part of the job, with the testers of the shop. */
@NullMarked
package silentotter.app.leakdown;

import org.jspecify.annotations.NullMarked;
