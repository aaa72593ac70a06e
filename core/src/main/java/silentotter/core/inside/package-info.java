/** What a camera shows through the plug or injector hole. */
@NullMarked
package silentotter.core.inside;

import org.jspecify.annotations.NullMarked;
