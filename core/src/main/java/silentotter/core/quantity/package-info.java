/** Physical quantities as small immutable values: one unit inside, named units outside. */
@NullMarked
package silentotter.core.quantity;

import org.jspecify.annotations.NullMarked;
