/** How far long work has come, and a way to give it up. */
@NullMarked
package silentotter.app.progress;

import org.jspecify.annotations.NullMarked;
