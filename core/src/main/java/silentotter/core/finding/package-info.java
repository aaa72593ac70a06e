/** What a finding is made of: a finding with its reason and its weight, and what may be behind it. */
@NullMarked
package silentotter.core.finding;

import org.jspecify.annotations.NullMarked;
