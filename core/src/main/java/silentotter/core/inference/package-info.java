/**
 * The combined diagnosis as a probability model, in plain numbers: what is known of one engine goes in, the probability of
 * every cause on every cylinder comes out. It knows nothing of jobs, stations or words.
 */
@NullMarked
package silentotter.core.inference;

import org.jspecify.annotations.NullMarked;
