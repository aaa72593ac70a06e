/** Oil use: from dips, top-ups and drains to a rate with its interval. */
@NullMarked
package silentotter.core.oil;

import org.jspecify.annotations.NullMarked;
