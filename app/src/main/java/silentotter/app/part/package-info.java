/** What all parts of a job have in common: the one thing that sheets and case files know of them. */
@NullMarked
package silentotter.app.part;

import org.jspecify.annotations.NullMarked;
