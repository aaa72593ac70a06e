/** The cylinder leak-down test: any tester's reading as a leak area, where it goes, and what cannot be true. */
@NullMarked
package silentotter.core.leakdown;

import org.jspecify.annotations.NullMarked;
