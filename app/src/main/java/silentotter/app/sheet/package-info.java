/** Loads what a job holds, has it interpreted, shows it, and tells other windows. */
@NullMarked
package silentotter.app.sheet;

import org.jspecify.annotations.NullMarked;
