/** The faults that the round tells apart: what each is, where it sits, how often it comes, and what mends it. */
@NullMarked
package silentotter.core.fault;

import org.jspecify.annotations.NullMarked;
